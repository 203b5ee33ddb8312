package {{package}}.{{domain}};

/**
 * A note that somebody wrote.
 *
 * @param id its number, given when it is kept
 */
public record Note(long id, String title, String body) {}
