package vividtrellis.core.render;

import java.util.ArrayList;
import java.util.List;
import vividtrellis.core.template.TemplateContext;
import vividtrellis.core.template.TemplateContext.Filled;

/**
 * Breaks lines whose list of arguments or parameters is too long, as the language's formatters do.
 * How long a list gets depends on what a brief says, so a template only marks where one stands.
 */
final class ArgumentLists {

  private static final int LONGEST_LINE = 120;
  private static final String CONTINUED = "        ";
  private static final String INDENT = "    ";

  private ArgumentLists() {}

  static List<Filled> broken(List<Filled> lines, String path) {
    if (lines.stream().noneMatch(line -> line.text().indexOf(TemplateContext.FROM) >= 0)) {
      return lines;
    }
    boolean kotlin = path.endsWith(".kt");
    List<Filled> broken = new ArrayList<>(lines.size());
    for (Filled line : lines) {
      for (String part : broken(line.text(), kotlin)) {
        broken.add(new Filled(part, line.cause()));
      }
    }
    return broken;
  }

  private static List<String> broken(String line, boolean kotlin) {
    int from = line.indexOf(TemplateContext.FROM);
    int to = line.indexOf(TemplateContext.TO);
    if (from < 0) {
      return List.of(line);
    }
    String before = line.substring(0, from);
    boolean foreign = line.charAt(from + 1) == TemplateContext.FOREIGN;
    String list = line.substring(from + (foreign ? 2 : 1), to);
    String after = line.substring(to + 1);
    if (before.length() + list.length() + after.length() <= LONGEST_LINE) {
      return List.of(before + list + after);
    }
    String indent = before.substring(0, before.length() - before.stripLeading().length());
    List<String> parts = new ArrayList<>(List.of(before));
    List<String> arguments = arguments(list);
    if (kotlin && !foreign) {
      arguments.forEach(each -> parts.add(indent + INDENT + each + ","));
      parts.add(indent + after);
      return parts;
    }
    if (indent.length() + CONTINUED.length() + list.length() + after.length() <= LONGEST_LINE) {
      parts.add(indent + CONTINUED + list + after);
      return parts;
    }
    for (int i = 0; i < arguments.size(); i++) {
      String end = i == arguments.size() - 1 ? after : ",";
      parts.add(indent + CONTINUED + arguments.get(i) + end);
    }
    return parts;
  }

  /** Parted at commas that stand in no brackets and no text. */
  private static List<String> arguments(String list) {
    List<String> arguments = new ArrayList<>();
    int depth = 0;
    char quote = 0;
    int start = 0;
    for (int i = 0; i < list.length(); i++) {
      char c = list.charAt(i);
      if (quote != 0) {
        quote = c == quote ? 0 : quote;
      } else if (c == '"' || c == '\'') {
        quote = c;
      } else if ("(<[{".indexOf(c) >= 0) {
        depth++;
      } else if (")>]}".indexOf(c) >= 0 && !(c == '>' && i > 0 && list.charAt(i - 1) == '-')) {
        depth--;
      } else if (c == ',' && depth == 0) {
        arguments.add(list.substring(start, i).strip());
        start = i + 1;
      }
    }
    arguments.add(list.substring(start).strip());
    return arguments;
  }
}
