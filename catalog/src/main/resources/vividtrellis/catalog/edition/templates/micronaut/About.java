package {{package}}.{{samplePackage}};

import io.micronaut.serde.annotation.Serdeable;

/** What the service says of itself. */
@Serdeable
record About(String name, String summary) {}
