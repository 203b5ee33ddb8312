create table {{noteTable}} (
    id bigint identity(1, 1) primary key,
    title varchar(200) not null,
    body varchar(4000) not null
);
