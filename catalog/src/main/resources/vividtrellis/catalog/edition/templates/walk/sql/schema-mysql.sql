create table if not exists {{noteTable}} (
    id bigint auto_increment primary key,
    title varchar(200) not null,
    body varchar(4000) not null
);
