package vividtrellis.cli;

import java.io.PrintWriter;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Spec;

/** Tells whether picks fit. */
@Command(
    name = "check",
    mixinStandardHelpOptions = true,
    description = "Tells whether picks fit, why not, and what helps.",
    footer = {
      "",
      "  vivid check berth-booking.yaml",
      "  vivid check name=fare-ledger framework=spring-boot@3.5 language=java@17 +sql-orm"
    })
final class CheckCommand implements Callable<Integer> {

  @Mixin private Common common;
  @Mixin private BriefInput input;
  @Spec private CommandSpec spec;

  @Override
  public Integer call() {
    Service service = common.service();
    Service.Answer answer = service.post("/checks", input.document(service));
    Json verdict = answer.json();
    boolean fits = verdict.text("verdict").equals("fits");
    PrintWriter out = spec.commandLine().getOut();
    if (common.json()) {
      out.println(answer.text());
    } else {
      new VerdictView(new Screen(out)).show(verdict);
    }
    return fits ? 0 : Failure.BLOCKED;
  }
}
