package vividtrellis.catalog.agreement;

import groovy.lang.Closure;
import groovy.lang.GroovyObjectSupport;
import groovy.lang.GroovyShell;
import groovy.lang.Script;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.codehaus.groovy.control.CompilerConfiguration;
import org.jetbrains.kotlin.psi.KtBinaryExpression;
import org.jetbrains.kotlin.psi.KtBlockExpression;
import org.jetbrains.kotlin.psi.KtCallExpression;
import org.jetbrains.kotlin.psi.KtDotQualifiedExpression;
import org.jetbrains.kotlin.psi.KtExpression;
import org.jetbrains.kotlin.psi.KtFile;
import org.jetbrains.kotlin.psi.KtScriptInitializer;
import org.jetbrains.kotlin.psi.KtStringTemplateExpression;
import org.jetbrains.kotlin.psi.KtValueArgument;

/**
 * What a Gradle script says, statement by statement, as {@code block/call(arguments)} or {@code
 * block/name = value}. Groovy is run by the real Groovy against a model that only writes down;
 * Kotlin is read by the real Kotlin front end.
 */
final class Scripts {

  private Scripts() {}

  static List<String> groovy(String text) {
    CompilerConfiguration configuration = new CompilerConfiguration();
    configuration.setScriptBaseClass(Spoken.class.getName());
    Spoken script =
        (Spoken) new GroovyShell(Scripts.class.getClassLoader(), configuration).parse(text);
    List<String> said = new ArrayList<>();
    script.recorder = new Recorder("", "", said);
    script.run();
    return said;
  }

  /** A script whose every word goes to a recorder. */
  public abstract static class Spoken extends Script {
    private Recorder recorder;

    @Override
    public Object getProperty(String name) {
      return recorder.getProperty(name);
    }

    @Override
    public void setProperty(String name, Object value) {
      recorder.setProperty(name, value);
    }

    @Override
    public Object invokeMethod(String name, Object arguments) {
      return recorder.invokeMethod(name, arguments);
    }
  }

  /** Stands for anything that a script can name; it writes down what is called and set. */
  private static final class Recorder extends GroovyObjectSupport {
    private final String block;
    private final String text;
    private final List<String> said;

    Recorder(String block, String text, List<String> said) {
      this.block = block;
      this.text = text;
      this.said = said;
    }

    private String named(String name) {
      return text.isEmpty() ? name : text + "." + name;
    }

    @Override
    public Object getProperty(String name) {
      return new Recorder(block, named(name), said);
    }

    @Override
    public void setProperty(String name, Object value) {
      said.add(block + named(name) + " = " + shown(value));
    }

    @Override
    public Object invokeMethod(String name, Object arguments) {
      List<Object> all = new ArrayList<>(Arrays.asList((Object[]) arguments));
      Object last = all.isEmpty() ? null : all.get(all.size() - 1);
      if (last instanceof Closure<?> closure) {
        all.remove(closure);
      }
      String call = named(name) + "(" + all.stream().map(Recorder::shown).collect(JOINED) + ")";
      said.add(block + call);
      if (last instanceof Closure<?> closure) {
        closure.setDelegate(new Recorder(block + named(name) + "/", "", said));
        closure.setResolveStrategy(Closure.DELEGATE_ONLY);
        closure.call();
      }
      return new Recorder(block, call, said);
    }

    private static String shown(Object value) {
      if (value instanceof Map<?, ?> map) {
        return map.entrySet().stream().map(e -> e.getKey() + "=" + e.getValue()).collect(JOINED);
      }
      return value instanceof Recorder recorder ? recorder.text : String.valueOf(value);
    }

    @Override
    public String toString() {
      return text;
    }
  }

  private static final java.util.stream.Collector<CharSequence, ?, String> JOINED =
      Collectors.joining(", ");

  static List<String> kotlin(String text) {
    KtFile file = Sources.kotlin("build.gradle.kts", text);
    List<String> said = new ArrayList<>();
    KtBlockExpression block = file.getScript().getBlockExpression();
    for (var each : block.getChildren()) {
      statement(
          "", each instanceof KtScriptInitializer i ? i.getBody() : (KtExpression) each, said);
    }
    return said;
  }

  private static void statement(String block, KtExpression expression, List<String> said) {
    if (expression instanceof KtBinaryExpression binary) {
      said.add(block + binary.getLeft().getText() + " = " + shown(binary.getRight()));
    } else if (expression instanceof KtDotQualifiedExpression dotted) {
      String receiver =
          dotted.getReceiverExpression().getText().replaceAll("<(\\w+)>\\(\\)", "($1)");
      call(block, receiver + ".", (KtCallExpression) dotted.getSelectorExpression(), said);
    } else if (expression instanceof KtCallExpression call) {
      call(block, "", call, said);
    } else {
      throw new AssertionError("not read: " + expression.getText());
    }
  }

  private static void call(String block, String on, KtCallExpression call, List<String> said) {
    String name = on + call.getCalleeExpression().getText();
    List<KtValueArgument> plain =
        call.getValueArgumentList() == null
            ? List.of()
            : call.getValueArgumentList().getArguments();
    String arguments =
        plain.stream()
            .map(
                each ->
                    (each.isNamed() ? each.getArgumentName().getText() + "=" : "")
                        + shown(each.getArgumentExpression()))
            .collect(JOINED);
    said.add(block + name + "(" + arguments + ")");
    call.getLambdaArguments()
        .forEach(
            lambda ->
                lambda
                    .getLambdaExpression()
                    .getBodyExpression()
                    .getStatements()
                    .forEach(each -> statement(block + name + "/", each, said)));
  }

  private static String shown(KtExpression expression) {
    if (expression instanceof KtStringTemplateExpression text) {
      return Sources.literal(text);
    }
    // Groovy shows a nested call without the quotes of its text.
    return expression.getText().replaceAll("\\(\"([^\"]*)\"\\)", "($1)");
  }
}
