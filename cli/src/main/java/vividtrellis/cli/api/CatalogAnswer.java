package vividtrellis.cli.api;

import java.util.List;

/**
 * What can be picked. A list that was not asked for is empty.
 *
 * @param service version of the service
 * @param reach id of what is known of a registry; empty for nothing
 */
public record CatalogAnswer(
    String edition,
    String service,
    String reach,
    List<Item> builds,
    List<Item> languages,
    List<Item> frameworks,
    List<Item> packagings,
    List<Item> samples,
    List<Item> layouts,
    List<Category> categories,
    List<Item> starters,
    List<Item> extras) {

  /** A group of starters. */
  public record Category(String id, String label) {}

  /**
   * Something that can be picked.
   *
   * @param documentation address of where to read on
   * @param category id of that of a starter; else empty
   * @param planned whether it can be checked, but not be written yet
   * @param levels of a language whose version is the level
   * @param lines of a framework
   * @param versions of anything else that has some
   */
  public record Item(
      String id,
      String label,
      String summary,
      String documentation,
      String category,
      boolean planned,
      List<Level> levels,
      List<Line> lines,
      List<String> versions) {}

  /** A Java level. */
  public record Level(String level, boolean longTerm) {}

  /**
   * A line of a framework.
   *
   * @param until month up to which it is supported; empty where none is known
   * @param newest version
   */
  public record Line(
      String line,
      String standing,
      String until,
      boolean estimated,
      String newest,
      List<String> versions) {}

  static CatalogAnswer of(Json json) {
    return new CatalogAnswer(
        json.text("edition"),
        json.text("service"),
        json.at("reach").text("id"),
        items(json, "builds"),
        items(json, "languages"),
        items(json, "frameworks"),
        items(json, "packagings"),
        items(json, "samples"),
        items(json, "layouts"),
        json.list("categories").stream()
            .map(each -> new Category(each.text("id"), each.text("label")))
            .toList(),
        items(json, "starters"),
        items(json, "extras"));
  }

  private static List<Item> items(Json json, String list) {
    return json.list(list).stream().map(CatalogAnswer::item).toList();
  }

  private static Item item(Json json) {
    return new Item(
        json.text("id"),
        json.text("label"),
        json.text("summary"),
        json.text("documentation"),
        json.text("category"),
        json.is("planned"),
        json.list("levels").stream()
            .map(each -> new Level(each.text("level"), each.is("longTerm")))
            .toList(),
        json.list("lines").stream()
            .map(
                each ->
                    new Line(
                        each.text("line"),
                        each.text("standing"),
                        each.text("until"),
                        each.is("estimated"),
                        each.text("newest"),
                        each.texts("versions")))
            .toList(),
        json.texts("versions"));
  }
}
