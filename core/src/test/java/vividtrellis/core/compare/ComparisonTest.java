package vividtrellis.core.compare;

import static org.assertj.core.api.Assertions.assertThat;

import com.github.difflib.DiffUtils;
import com.github.difflib.UnifiedDiffUtils;
import com.github.difflib.patch.PatchFailedException;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import vividtrellis.core.compare.Comparison.Change;
import vividtrellis.core.compare.Comparison.FileChange;

class ComparisonTest {

  private static FileChange one(String left, String right) {
    return Comparison.of(Map.of("a", left), Map.of("a", right)).get(0);
  }

  @Test
  void everyFileOfEitherSideIsToldOnceByPath() {
    List<FileChange> changes =
        Comparison.of(
            Map.of("b", "1\n", "a/x", "1\n", "gone", "1\n2\n"),
            Map.of("b", "1\n", "a/x", "2\n", "new", "1\n"));

    assertThat(changes).extracting(FileChange::path).containsExactly("a/x", "b", "gone", "new");
    assertThat(changes)
        .extracting(FileChange::change)
        .containsExactly(Change.CHANGED, Change.SAME, Change.REMOVED, Change.ADDED);
    assertThat(changes.get(0).diff())
        .isEqualTo("--- left/a/x\n+++ right/a/x\n@@ -1,1 +1,1 @@\n-1\n+2\n");
    assertThat(changes.get(1).diff()).isEmpty();
    assertThat(changes.get(2).diff())
        .startsWith("--- left/gone\n+++ /dev/null\n")
        .contains("-1\n-2\n");
    assertThat(changes.get(3).diff()).startsWith("--- /dev/null\n+++ right/new\n").endsWith("+1\n");
  }

  @Test
  void eachLineIsFoundWhereItComesFrom() {
    assertThat(Comparison.origins("a\nb\nc\nd\n", "new\na\nc\nC\nd\nend"))
        .containsExactly(0, 1, 3, 0, 4, 0);
    assertThat(Comparison.origins("a\nb\n", "a\nb\n")).containsExactly(1, 2);
    assertThat(Comparison.origins("a\n", "")).isEmpty();
  }

  @Test
  void aDiffTurnsTheLeftFileIntoTheRightOne() throws PatchFailedException {
    String left = "one\ntwo\nthree\nfour\nfive\nsix\nseven\neight\nnine\nten\n";
    String right = left.replace("two\n", "").replace("nine\n", "nine\nand a half\n");
    List<String> diff = one(left, right).diff().lines().toList();

    assertThat(DiffUtils.patch(left.lines().toList(), UnifiedDiffUtils.parseUnifiedDiff(diff)))
        .isEqualTo(right.lines().toList());
  }

  @Test
  void onlyAMissingLastBreakIsADifferenceToo() {
    assertThat(one("a\n", "a").change()).isEqualTo(Change.CHANGED);
    assertThat(one("a\n", "a").diff()).contains("-a\n+a\n\\ No newline at end of file\n");
    assertThat(one("a\r\n", "a\n").diff()).contains("-a\r\n+a\n");
    assertThat(one("", "a\n").diff()).contains("+a");
    assertThat(one("x", "x").change()).isEqualTo(Change.SAME);
  }
}
