package vividtrellis.service.bounds;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import vividtrellis.service.bounds.Turns.Answer;
import vividtrellis.service.bounds.Turns.Turn;

class TurnsTest {

  private final List<String> told = new ArrayList<>();
  private long now;
  private final Turns turns = new Turns(2, () -> now);

  private Turn turn(String name) {
    return new Turn("checks") {
      @Override
      void go() {
        told.add(name + " goes");
      }

      @Override
      void refuse() {
        told.add(name + " is refused");
      }
    };
  }

  private void pass(long millis) {
    now += TimeUnit.MILLISECONDS.toNanos(millis);
  }

  @Test
  void asManyAsThereIsRoomForWorkAndTheOthersFollowInTurn() {
    Turn first = turn("first");
    assertThat(turns.ask(first)).isEqualTo(Answer.NOW);
    assertThat(turns.ask(turn("second"))).isEqualTo(Answer.NOW);
    Turn gone = turn("gone");
    for (Turn each : List.of(turn("third"), gone, turn("fourth"))) {
      assertThat(turns.ask(each)).isEqualTo(Answer.LATER);
    }
    assertThat(turns.leave(gone)).isTrue();
    assertThat(turns.waiting()).isEqualTo(2);

    turns.over(first);
    turns.over(first);
    turns.over(gone);
    assertThat(told).containsExactly("third goes");
  }

  @Test
  void nobodyWaitsForWhatWouldTakeTooLong() {
    Turn[] running = {turn("one"), turn("two")};
    for (Turn each : running) {
      turns.ask(each);
    }
    for (int i = 0; i < 500; i++) {
      // What takes long makes whoever comes next wait for less of it.
      pass(200);
      turns.over(running[i % 2]);
      running[i % 2] = turn("slow");
      turns.ask(running[i % 2]);
    }
    int waiting = 0;
    while (turns.ask(turn("waiting " + waiting)) == Answer.LATER) {
      waiting++;
    }
    // Each takes 400 ms by now, two at a time, and 700 ms are waited.
    assertThat(waiting).isBetween(2, 4);

    pass(1_001);
    turns.over(running[0]);
    assertThat(told).isNotEmpty().allMatch(each -> each.endsWith("is refused"));
    assertThat(turns.ask(turn("later"))).isEqualTo(Answer.NOW);
  }
}
