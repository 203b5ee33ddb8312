package vividtrellis.core.brief;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class BriefRulesTest {

  private static final Brief GOOD = Brief.empty().with(Key.NAME, "berth-booking");

  /** What a framework keeps for itself. */
  private static final Taken FRAME =
      new Taken(Set.of(), Set.of(), Set.of("org.frame"), Set.of("@word@"), Taken.NONE.code());

  private static List<Complaint> blocking(Brief brief) {
    return BriefRules.complaints(brief, FRAME).stream().filter(Complaint::blocks).toList();
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "NAME    | ''                    | name-missing                    | my-service",
        "NAME    | Berth Booking         | name-space                      | berth-booking",
        "NAME    | BerthBooking          | name-capital                    | berth-booking",
        "NAME    | 3-piers               | name-leading-digit              | service-3-piers",
        "NAME    | class                 | name-keyword                    | class-service",
        "NAME    | con                   | name-refused-by-file-systems    | con-service",
        "NAME    | ../../etc/passwd      | name-path                       | etc-passwd",
        "NAME    | fähre_über            | name-letters                    | fahre-uber",
        "NAME    | a--b                  | name-letters                    | a-b",
        "GROUP   | https://salt.example/ | group-letters                   | salt.example",
        "GROUP   | Salt Marsh            | group-letters                   | salt.marsh",
        "GROUP   | org.frame.x           | group-reserved                  | org.example",
        "PACKAGE | example.class.x       | package-keyword                 |"
            + " org.example.berthbooking",
        "PACKAGE | Example.Big           | package-letters                 |"
            + " org.example.berthbooking",
        "PACKAGE | java.util.x           | package-reserved                |"
            + " org.example.berthbooking",
        "PACKAGE | example.aux           | package-refused-by-file-systems |"
            + " org.example.berthbooking",
        "SUMMARY | Say ${env.HOME}       | text-expands                    | Say (env.HOME}",
        "TITLE   | On @java.home@ @dock   | text-expands                    | On java.home @dock",
        "VERSION | 1/0                   | version-form                    | 0.1.0",
        "ENTRY   | berthBooking          | entry-form                      | BerthBooking",
        "ENTRY   | Override              | entry-taken                     | BerthBooking",
        "ENTRY   | Nul                   | entry-refused-by-file-systems   | BerthBooking",
        "DATABASE| Berths                | database-form                   | berth_booking",
        "DATABASE| order                 | database-taken                  | berth_booking",
        "DATABASE| pg_berths             | database-taken                  | berth_booking",
        "PORT    | 0                     | port-range                      | 8080",
        "PORT    | 65536                 | port-range                      | 8080",
      })
  void refusesWithAReasonAndAValueThatWorks(Key key, String value, String code, String better) {
    Brief brief = GOOD.with(key, value);

    assertThat(blocking(brief)).extracting(Complaint::code).containsExactly(code);
    assertThat(blocking(brief).get(0).better()).isEqualTo(better);
    assertThat(blocking(brief.with(key, better))).isEmpty();
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "two\nlines",
        "right\u202Eto left",
        "bell\u0007",
        "\uD800",
        "zero\u200Bwidth",
        "nul\u0000"
      })
  void freeTextsAreOneVisibleLine(String text) {
    for (Key key : List.of(Key.TITLE, Key.SUMMARY, Key.ORGANISATION)) {
      List<Complaint> found = blocking(GOOD.with(key, text));
      assertThat(found).extracting(Complaint::code).containsExactly("text-invisible");
      String better = found.get(0).better();
      assertThat(better == null || blocking(GOOD.with(key, better)).isEmpty()).isTrue();
    }
    assertThat(blocking(GOOD.with(Key.SUMMARY, "quotes \" ' ]]> \\ <b> & `x` fit"))).isEmpty();
    assertThat(blocking(GOOD.with(Key.SUMMARY, "x".repeat(401)))).hasSize(1);
    assertThat(blocking(GOOD.with(Key.NAME, "x".repeat(60_000))).get(0).better()).hasSize(50);
  }

  @Test
  void wordsOfTheLanguageAndSignsThatNoFileHoldsAreRefusedWithTheirPlace() {
    Set<String> kotlin = Set.of("fun", "in");
    Brief named = GOOD.with(Key.NAME, "fun").with(Key.PACKAGE, "example.in.tide");

    assertThat(blocking(named)).isEmpty();
    assertThat(
            BriefRules.complaints(
                named, new Taken(Set.of(), kotlin, Set.of(), Set.of(), Taken.NONE.code())))
        .filteredOn(Complaint::blocks)
        .extracting(Complaint::code, Complaint::better)
        .containsExactly(
            tuple("name-keyword", "fun-service"), tuple("package-keyword", "org.example.fun_"));
    for (String sign : List.of("\uFFFE", "\uFFFF", "\uFDD0", "\uD83F\uDFFE")) {
      Complaint found = blocking(GOOD.with(Key.TITLE, "Tide " + sign)).get(0);
      assertThat(found.code()).isEqualTo("text-forbidden");
      assertThat(found.args().get("sign")).startsWith("U+").endsWith(" at place 6");
      assertThat(found.better()).isEqualTo("Tide");
    }
  }

  @ParameterizedTest
  @CsvSource({
    "saltmarsh.example, example.saltmarsh",
    "example.saltmarsh, example.saltmarsh",
    "ferries.saltmarsh.co.uk, uk.co.saltmarsh.ferries",
    "com.saltmarsh, com.saltmarsh",
    "saltmarsh.com, com.saltmarsh",
    "org.app, org.app",
    "saltmarsh, saltmarsh",
  })
  void turnsADomainRound(String given, String group) {
    assertThat(Names.of(GOOD.with(Key.GROUP, given)).group()).isEqualTo(group);
  }

  @Test
  void saysWhenADomainCouldBeReadBothWays() {
    List<Complaint> notes = BriefRules.complaints(GOOD.with(Key.GROUP, "org.app"), Taken.NONE);

    assertThat(notes).extracting(Complaint::code).containsExactly("group-both-ways");
    assertThat(notes.get(0).better()).isEqualTo("app.org");
    assertThat(notes.get(0).blocks()).isFalse();
  }

  @ParameterizedTest
  @CsvSource({
    "berth-booking, saltmarsh.example, example.saltmarsh.berthbooking, BerthBooking, berth_booking",
    "record,        new.example,       new_.example.record,            RecordService, record",
    "nul-x,         4ever.example,     example._4ever.nulx,            NulX,         nul_x",
    "string,        aux.example,       example.aux_.string,            StringService, string",
    "order,         fun.example,       fun_.example.order,             Order,        db_order",
    "pg-board,      in.object.example, in_.object_.example.pgboard,    PgBoard,      db_pg_board",
  })
  void derivesNamesThatCompile(
      String name, String group, String packageName, String type, String db) {
    Taken kotlin =
        new Taken(Set.of(), Set.of("fun", "in", "object"), Set.of(), Set.of(), Taken.NONE.code());
    Names names = Names.of(Brief.empty().with(Key.NAME, name).with(Key.GROUP, group), kotlin);

    assertThat(names.packageName()).isEqualTo(packageName);
    assertThat(names.entryClass()).isEqualTo(type);
    assertThat(names.database()).isEqualTo(db);
  }

  @Test
  void namesSetByHandStayAndDerivedOnesFitTheirServers() {
    Brief given = GOOD.with(Key.ENTRY, "Quay").with(Key.DATABASE, "quays");
    String longName = "a-name-as-long-as-no-server-of-tables-takes-one-44";

    assertThat(blocking(given)).isEmpty();
    assertThat(Names.of(given).entryClass()).isEqualTo("Quay");
    assertThat(Names.of(given).database()).isEqualTo("quays");
    assertThat(Names.of(GOOD.with(Key.NAME, longName)).database())
        .isEqualTo("a_name_as_long_as_no_server_of_t");
    assertThat(blocking(Brief.empty().with(Key.NAME, "Ü").with(Key.ENTRY, "x")))
        .extracting(Complaint::better)
        .doesNotContain("");
  }
}
