package vividtrellis.core.entity;

import java.math.BigDecimal;
import java.util.List;

/**
 * Made-up values for what an entity holds, the same for the same entity: tests and the readme of a
 * project use them. Each lies within the range of its field.
 */
public final class Samples {

  private static final List<String> TEXTS =
      List.of("Tide", "High at noon", "Saltmarsh", "North quay", "Ferry", "Lantern");

  private static final List<String> OTHERS =
      List.of("Ebb", "Low at dusk", "Marshgate", "South quay", "Barge", "Anchor");

  private static final String DATE = "2026-11-30";
  private static final String OTHER_DATE = "2026-12-01";

  private int texts;

  /** Values for the fields of one entity, asked for in their order. */
  public Samples() {}

  /** A value as it stands in a form, without quotes. */
  public String one(Field field) {
    return switch (field.type()) {
      case TEXT -> text(field, TEXTS.get(texts++ % TEXTS.size()));
      case INTEGER -> number(field, BigDecimal.valueOf(7));
      case DECIMAL -> number(field, new BigDecimal("12.5"));
      case BOOLEAN -> "true";
      case DATE -> DATE;
      case INSTANT -> DATE + "T12:00:00Z";
      case UUID -> "6f1c2f0e-0d5b-4f0c-9a57-2f6f4a1f7c11";
      case CHOICE -> Field.constant(field.choices().get(0));
    };
  }

  /** Another value for the field that was asked for last. */
  public String other(Field field) {
    return switch (field.type()) {
      case TEXT -> text(field, OTHERS.get((texts - 1) % OTHERS.size()));
      case INTEGER -> number(field, BigDecimal.valueOf(8));
      case DECIMAL -> number(field, new BigDecimal("13.5"));
      case BOOLEAN -> "false";
      case DATE -> OTHER_DATE;
      case INSTANT -> OTHER_DATE + "T12:00:00Z";
      case UUID -> "6f1c2f0e-0d5b-4f0c-9a57-2f6f4a1f7c12";
      case CHOICE -> Field.constant(field.choices().get(1));
    };
  }

  /** Repeated where it is too short, cut where it is too long; no blank at its end. */
  private static String text(Field field, String text) {
    int least = field.least().map(Integer::valueOf).orElse(1);
    StringBuilder enough = new StringBuilder(text);
    while (enough.length() < least) {
      enough.append('-').append(text);
    }
    int length = Math.min(Math.max(least, text.length()), field.longest());
    String cut = enough.substring(0, length);
    return cut.endsWith(" ") ? cut.substring(0, length - 1) + "-" : cut;
  }

  private static String number(Field field, BigDecimal usual) {
    BigDecimal least = field.range().least();
    BigDecimal most = field.range().most();
    BigDecimal number = usual;
    if (most != null && number.compareTo(most) > 0) {
      number = most;
    }
    if (least != null && number.compareTo(least) < 0) {
      number = least;
    }
    return number.stripTrailingZeros().toPlainString();
  }
}
