package {{package}}.{{domain}};

import java.math.BigDecimal;
import java.time.Instant;
import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** What {{an}} {{entityWords}} holds, before it is kept or changed. */
public record {{Entity}}Draft({{#args}}{{#fields}}{{{type}}} {{name}}{{^-last}}, {{/-last}}{{/fields}}{{/args}}) {}
