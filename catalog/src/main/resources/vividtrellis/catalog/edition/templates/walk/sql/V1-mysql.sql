create table {{entityTable}} (
    id bigint auto_increment primary key,
{{#fields}}
    {{column}} {{{sqlType}}},
{{/fields}}
    version bigint not null,
    created datetime(6) not null,
    changed datetime(6) not null
);
