{{#tellsDoubles}}
{{#hasUniques}}
package {{package}}.{{domain}};

/** There is {{an}} {{entityWords}} already with something of which no two may have the same. */
public class Duplicate{{Entity}}Exception extends RuntimeException {

    private static final long serialVersionUID = 1L;

    public Duplicate{{Entity}}Exception() {
        super("There is {{an}} {{entityWords}} with the same {{#uniques}}{{fieldWords}}{{^-last}} or {{/-last}}{{/uniques}} already.");
    }
}
{{/hasUniques}}
{{/tellsDoubles}}
