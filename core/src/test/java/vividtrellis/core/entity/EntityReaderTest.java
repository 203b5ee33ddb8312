package vividtrellis.core.entity;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import vividtrellis.core.entity.EntityReader.Fault;
import vividtrellis.core.entity.EntityReader.Reading;

class EntityReaderTest {

  /** A project in which something has such names already. */
  private static final EntityClashes TAKEN =
      new EntityClashes() {
        @Override
        public boolean refusesEntity(String type) {
          return type.equals("Taken");
        }

        @Override
        public boolean refusesField(String field) {
          return field.equals("order");
        }

        @Override
        public boolean refusesChoice(String entity, String type) {
          return type.equals("State");
        }
      };

  @Test
  void bothFormsTurnIntoEachOther() {
    String word =
        "Berth: label text..80 unique, length decimal 0.5..500?, freeFrom date?, kind free|in-dock,"
            + " spots integer 1.., seen instant, code uuid? unique, lit boolean";

    Entity entity = EntityReader.read(word, TAKEN).entity();

    assertThat(entity).isNotNull();
    assertThat(entity.word()).isEqualTo(word);
    assertThat(Entity.word(entity.name(), entity.holds())).isEqualTo(word);
    assertThat(entity.holds()).containsEntry("kind", "free|in-dock").hasSize(8);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = ';',
      value = {
        "berth: a text; entity-name; Berth: a text",
        "Taken: a text; entity-taken; TakenEntry: a text",
        "Berth; entity-form; Berth: name text..200",
        "Berth:; entity-fields;",
        "Berth: x text, x date; field-twice;",
        "Berth: free_from date; field-name; Berth: freeFrom date",
        "Berth: größe integer; field-name; Berth: grosse integer",
        "Berth: xAxis integer; field-name; Berth: xaxis integer",
        "Berth: isFree boolean; field-kept; Berth: free boolean",
        "Berth: id integer; field-kept; Berth: berthId integer",
        "Berth: order integer; field-word; Berth: berthOrder integer",
        "Berth: a string; field-type; Berth: a text",
        "Berth: a blob; field-type;",
        "Berth: a text[80]; field-form; Berth: a text..200",
        "Berth: a date 1..2; field-range-of-type; Berth: a date",
        "Berth: a integer 9..2; field-range-empty; Berth: a integer",
        "Berth: a integer 0.5..2; field-range-whole; Berth: a integer",
        "Berth: a text..4001; field-range-length; Berth: a text",
        "Berth: a text..256 unique; field-unique-long; Berth: a text..255 unique",
        "Berth: a boolean unique; field-unique; Berth: a boolean",
        "Berth: a free|Taken; field-choices;",
        "Berth: a free|free; field-choices;",
        "Berth: state free|taken; field-choice-type;"
      })
  void saysWhatIsWrongAndWhatWorks(String word, String code, String better) {
    Reading read = EntityReader.read(word, TAKEN);

    assertThat(read.entity()).isNull();
    assertThat(read.faults()).extracting(Fault::code).containsExactly(code);
    assertThat(read.mended()).isEqualTo(better);
    if (better != null) {
      assertThat(EntityReader.read(better, TAKEN).faults()).isEmpty();
    }
  }

  @Test
  void saysAllThatIsWrongTogetherAndMendsItAtOnce() {
    Reading read = EntityReader.read("my berth: order text, ok date 1..2, id uuid", TAKEN);

    assertThat(read.faults()).hasSize(4);
    assertThat(read.mended()).isEqualTo("MyBerth: myBerthOrder text, ok date, myBerthId uuid");
  }

  @ParameterizedTest
  @ValueSource(strings = {"", ":", ",", "B:,", "B: ,,", "\u0000: a", "Ä: ü ?", "B: a ..", "B: a |"})
  void neverFailsOnAnyText(String word) {
    assertThat(EntityReader.read(word, TAKEN).entity()).isNull();
    assertThat(EntityReader.read(word.repeat(3000), TAKEN).faults()).isNotNull();
  }

  @ParameterizedTest
  @CsvSource({
    "Berth, berth, berths, berths, berth, a",
    "OpenBerth, openBerth, openBerths, open-berths, open_berth, an",
    "Ferry, ferry, ferries, ferries, ferry, a",
    "Person, person, people, people, person, a",
    "Series, series, seriesList, series, series, a",
    "Case, theCase, theCases, cases, case, a",
    "Port, thePort, thePorts, ports, port, a",
    "Order, order, orders, orders, orders, an",
    "UserTrip, userTrip, userTrips, user-trips, user_trip, a",
    "QRCode, qrCode, qrCodes, qr-codes, qr_code, a"
  })
  void callsItRightlyInEachPlace(
      String type, String one, String several, String path, String table, String article) {
    EntityNames names = EntityNames.of(type, Set.of("port"), Set.of("order"));

    assertThat(List.of(names.one(), names.several(), names.path(), names.table(), names.article()))
        .containsExactly(one, several, path, table, article);
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "text..2",
        "text 40..60",
        "integer 100..200",
        "integer ..-5",
        "decimal 0.25..0.5",
        "text..1"
      })
  void samplesLieWithinTheRange(String form) {
    Entity entity = EntityReader.read("Berth: a " + form, TAKEN).entity();
    assertThat(entity).isNotNull();
    Field field = entity.fields().get(0);
    Samples samples = new Samples();
    for (String sample : List.of(samples.one(field), samples.other(field))) {
      BigDecimal size =
          field.type() == Field.Type.TEXT
              ? BigDecimal.valueOf(sample.length())
              : new BigDecimal(sample);
      field.least().ifPresent(l -> assertThat(size).isGreaterThanOrEqualTo(new BigDecimal(l)));
      field.most().ifPresent(m -> assertThat(size).isLessThanOrEqualTo(new BigDecimal(m)));
    }
  }
}
