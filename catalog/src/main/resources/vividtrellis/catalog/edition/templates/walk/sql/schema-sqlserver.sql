create table {{entityTable}} (
    id bigint identity(1, 1) primary key,
{{#fields}}
    {{column}} {{{sqlType}}},
{{/fields}}
    version bigint not null,
    created datetimeoffset not null,
    changed datetimeoffset not null
);
