CREATE TABLE archive_record (
  id              uuid PRIMARY KEY,
  made_at         timestamp(6) with time zone NOT NULL,
  project         varchar(255) NOT NULL,
  brief           text NOT NULL,
  edition         varchar(255) NOT NULL,
  service_version varchar(255) NOT NULL,
  format          varchar(255) NOT NULL,
  digest          varchar(255) NOT NULL
);

CREATE INDEX archive_record_made_at ON archive_record (made_at);
