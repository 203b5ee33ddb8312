package {{package}}.{{samplePackage}};

/** What the service says of itself. */
record About(String name, String summary) {}
