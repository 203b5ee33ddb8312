-- The first step of the schema of {{database}}. Flyway runs this file once, in every database.
-- Never change a step that has run somewhere; write the next one: V2__what_it_does.sql

