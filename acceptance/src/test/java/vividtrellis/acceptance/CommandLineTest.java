package vividtrellis.acceptance;

import static java.nio.charset.StandardCharsets.UTF_8;
import static org.assertj.core.api.Assertions.assertThat;

import com.sun.net.httpserver.HttpServer;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import vividtrellis.acceptance.Product.Running;

/**
 * What the command line does besides: links, variants, completion, and services that are slow or
 * strange.
 */
@ExtendWith(Product.class)
class CommandLineTest {

  @TempDir Path temp;

  @Test
  void aLinkLeadsOthersToTheSame(Running product) throws Exception {
    Command.Result link =
        product.vivid(temp, "link", "name=tide-board", "title=Tide & Board", "+http-api");
    assertThat(link.code()).as(link.both()).isZero();
    String curl =
        link.out().lines().filter(line -> line.startsWith("curl")).findFirst().orElseThrow();

    String[] quoted = curl.split("'", -1);
    String query = quoted[1].substring(quoted[1].indexOf("/api/"));
    byte[] fetched = product.get(query).body();

    assertThat(
            product
                .vivid(
                    temp,
                    "take",
                    "name=tide-board",
                    "title=Tide & Board",
                    "+http-api",
                    "--archive",
                    "-")
                .bytes())
        .isEqualTo(fetched);
    assertThat(link.out())
        .contains(product.base() + "/#pick=name:tide-board", "'title=Tide & Board'");
  }

  private static final String VARIANTS =
      """
      project: { name: fare-ledger }
      starters: [http-api]
      variants:
        plain: { starters: [] }
        old-server: { packaging: war, framework: spring-boot@3.5, default: yes }
      """;

  @Test
  void eachVariantOfABriefIsAProjectOfItsOwn(Running product) throws Exception {
    Files.writeString(temp.resolve("fares.yaml"), VARIANTS);

    Command.Result all = product.vivid(temp, "take", "fares.yaml", "--all", "--into", "all");

    assertThat(all.code()).as(all.both()).isZero();
    assertThat(all.out()).contains("plain  -http-api", "framework=spring-boot@3.5 packaging=war");
    assertThat(Files.readString(temp.resolve("all/old-server/pom.xml")))
        .contains("<packaging>war</packaging>");
    assertThat(temp.resolve("all/plain/src/main/java/org/example/fareledger/about")).doesNotExist();
    // The one that is marked is meant where none is named, by the service as well.
    assertThat(product.vivid(temp, "compare", "fares.yaml", "all/old-server").out())
        .contains("Nothing differs");
    assertThat(product.vivid(temp, "outline", "fares.yaml", "--variant", "plain").out())
        .doesNotContain("AboutController");
    Files.createDirectories(temp.resolve("half/old-server"));
    Files.writeString(temp.resolve("half/old-server/pom.xml"), "mine");
    Command.Result stopped = product.vivid(temp, "take", "fares.yaml", "--all", "--into", "half");
    assertThat(stopped.code()).as("what stops one stops all").isEqualTo(73);
    assertThat(temp.resolve("half/plain")).doesNotExist();
    var told =
        Product.json(
            product.vivid(temp, "take", "fares.yaml", "--all", "--into", "js", "--json").bytes());
    assertThat(told.get("variants").get(1).get("variant").asString()).isEqualTo("old-server");
    assertThat(told.get("variants").get(1).get("fates").get(0).get("fate").asString())
        .isEqualTo("new");
    Command.Result none = product.vivid(temp, "check", "fares.yaml", "--variant", "plian");
    assertThat(none.code()).isEqualTo(65);
    assertThat(none.err()).contains("plain, old-server");
    assertThat(product.vivid(temp, "check", "fares.yaml", "--apply", "1").code()).isEqualTo(64);
    assertThat(temp.resolve("fares.yaml")).hasContent(VARIANTS);
  }

  @Test
  void aShellCompletesCommandsAndWhatTheCatalogHas(Running product) throws Exception {
    Command.Result script = product.vivid(temp, "completion", "bash");
    Files.writeString(temp.resolve("vivid.bash"), script.out());
    String typed =
        """
        . ./vivid.bash 2>/dev/null
        compopt() { :; }
        COMP_WORDS=(vivid take +http-a); COMP_CWORD=2; _complete_vivid; echo "${COMPREPLY[@]}"
        COMP_WORDS=(vivid withd); COMP_CWORD=1; _complete_vivid; echo "${COMPREPLY[@]}"
        """;
    assertThat(
            new Command(temp, List.of("bash"))
                .saying(typed)
                .run(30)
                .out()
                .lines()
                .map(String::strip))
        .containsExactly("+http-api", "withdraw");
    assertThat(product.vivid(temp, "completion", "fish").out())
        .contains("-a 'withdraw' -d 'Takes back", "framework=spring-boot@4.1 ");
    assertThat(product.vivid(temp, "completion", "dash").code()).isEqualTo(64);
  }

  @Test
  void aSlowServiceIsWaitedForAndAStrangeOneIsTold(Running product) throws Exception {
    HttpServer server =
        HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), 0), 0);
    server.createContext(
        "/api/v1/catalog",
        exchange -> {
          try {
            TimeUnit.MILLISECONDS.sleep(2500);
            // Of a later version: with more, and with less, than this client knows.
            byte[] body =
                "{\"edition\":\"2031-01\",\"service\":\"9.9\",\"new\":[1]}".getBytes(UTF_8);
            exchange.getResponseHeaders().add("Vivid-Trellis", "9.9");
            exchange.sendResponseHeaders(200, body.length);
            exchange.getResponseBody().write(body);
            exchange.close();
          } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
          }
        });
    server.start();
    try {
      String address = "http://127.0.0.1:" + server.getAddress().getPort();
      Command.Result slow = AtTerminal.typing(product, temp, "", "catalog --server " + address);
      assertThat(slow.code()).as(slow.both()).isZero();
      assertThat(slow.out()).contains("Still waiting for " + address + ", 2 s", "2031-01");
      assertThat(product.vivid(temp, "catalog", "--server", address).both())
          .doesNotContain("Still waiting");
      // Another path of the same server has no sign of the service.
      Command.Result strange = product.vivid(temp, "check", "name=a1", "--server", address);
      assertThat(strange.code()).isEqualTo(69);
      assertThat(strange.err()).contains("not Vivid Trellis");
    } finally {
      server.stop(0);
    }
    // A proxy of the environment is not for the service, which is a neighbour.
    Command.Result proxied =
        new Command(temp, List.of(Product.CHECKOUT + "/vivid", "check", "name=a1"))
            .with(Map.of("VIVID_SERVER", product.base(), "http_proxy", "http://127.0.0.1:9"))
            .run(60);
    assertThat(proxied.code()).as(proxied.both()).isZero();
  }
}
