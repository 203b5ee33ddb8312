{{#tellsDoubles}}
{{#hasUniques}}
package {{package}}.{{domain}}

/** There is {{an}} {{entityWords}} already with something of which no two may have the same. */
class Duplicate{{Entity}}Exception :
    RuntimeException(
        "There is {{an}} {{entityWords}} already with the same" +
{{#uniques}}
            " {{fieldWords}}{{^-last}} or{{/-last}}{{#-last}}.{{/-last}}"{{^-last}} +{{/-last}}{{#-last}},{{/-last}}
{{/uniques}}
    )
{{/hasUniques}}
{{/tellsDoubles}}
