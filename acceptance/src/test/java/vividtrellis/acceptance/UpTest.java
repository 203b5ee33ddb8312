package vividtrellis.acceptance;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.ServerSocket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import vividtrellis.acceptance.Product.Running;

@ExtendWith(Product.class)
class UpTest {

  @TempDir Path temp;

  private static Command.Result up(String... words) throws IOException, InterruptedException {
    List<String> all = new java.util.ArrayList<>(List.of("./up"));
    all.addAll(List.of(words));
    return new Command(Product.CHECKOUT, all).run(90);
  }

  @Test
  void aTakenPortIsToldWithWhatToDo(Running product) throws Exception {
    try (ServerSocket taken = new ServerSocket(0)) {
      Command.Result result =
          up("--port", taken.getLocalPort() + "", "--data", temp.toString(), "--no-demo");

      assertThat(result.code()).isEqualTo(70);
      assertThat(result.err())
          .contains(
              "Port " + taken.getLocalPort() + " is taken", "--port " + (taken.getLocalPort() + 1));
    }
  }

  @Test
  void aSecondRunOnTheSameDataIsRefused(Running product) throws Exception {
    Command.Result result =
        up("--port", Product.freePort() + "", "--data", product.data.toString(), "--no-demo");

    assertThat(result.code()).isEqualTo(70);
    assertThat(result.err()).contains("Another ./up uses this data folder", "--data DIR");
    assertThat(product.get("/health").statusCode()).isEqualTo(200);
  }

  @Test
  void wrongOptionsAreToldAtOnce(Running product) throws Exception {
    assertThat(up("--prot", "1").code()).isEqualTo(64);
    assertThat(up("--port", "70000").err()).contains("1 to 65535");
    Path file = Files.writeString(temp.resolve("file"), "x");
    assertThat(up("--data", file + "/below").code()).isEqualTo(73);
    assertThat(up("--help").out()).contains("--no-demo");
  }

  @Test
  void aRunThatWasCutOffIsClearedUp(Running product) throws Exception {
    // The machine's own way out: all of it at once, and started again at once.
    for (String note : List.of("run.pid", "service.pid", "postgres/cluster/postmaster.pid")) {
      String pid = Files.readAllLines(product.data.resolve(note)).get(0).strip();
      ProcessHandle.of(Long.parseLong(pid)).orElseThrow().destroyForcibly();
    }

    product.start();

    assertThat(product.get("/health").statusCode()).isEqualTo(200);
    assertThat(Files.readString(product.data.resolve("up.err"))).contains("was cut off");
  }
}
