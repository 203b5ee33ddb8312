package vividtrellis.catalog.agreement;

import com.sun.source.tree.CompilationUnitTree;
import com.sun.source.tree.LiteralTree;
import com.sun.source.util.JavacTask;
import com.sun.source.util.TreeScanner;
import java.net.URI;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import javax.tools.DiagnosticCollector;
import javax.tools.JavaCompiler;
import javax.tools.JavaFileObject;
import javax.tools.SimpleJavaFileObject;
import javax.tools.ToolProvider;
import org.codehaus.groovy.ast.ClassNode;
import org.codehaus.groovy.ast.CodeVisitorSupport;
import org.codehaus.groovy.ast.MethodNode;
import org.codehaus.groovy.ast.expr.ConstantExpression;
import org.codehaus.groovy.control.CompilationUnit;
import org.codehaus.groovy.control.Phases;
import org.jetbrains.kotlin.cli.jvm.compiler.EnvironmentConfigFiles;
import org.jetbrains.kotlin.cli.jvm.compiler.KotlinCoreEnvironment;
import org.jetbrains.kotlin.com.intellij.openapi.util.Disposer;
import org.jetbrains.kotlin.com.intellij.psi.PsiErrorElement;
import org.jetbrains.kotlin.com.intellij.psi.util.PsiTreeUtil;
import org.jetbrains.kotlin.config.CompilerConfiguration;
import org.jetbrains.kotlin.psi.KtEscapeStringTemplateEntry;
import org.jetbrains.kotlin.psi.KtFile;
import org.jetbrains.kotlin.psi.KtLiteralStringTemplateEntry;
import org.jetbrains.kotlin.psi.KtPsiFactory;
import org.jetbrains.kotlin.psi.KtStringTemplateEntry;
import org.jetbrains.kotlin.psi.KtStringTemplateExpression;

/** Sources as the compilers of their languages read them: package, and all texts in quotes. */
final class Sources {

  private static final KotlinCoreEnvironment KOTLIN =
      KotlinCoreEnvironment.createForProduction(
          Disposer.newDisposable(),
          new CompilerConfiguration(),
          EnvironmentConfigFiles.JVM_CONFIG_FILES);

  private Sources() {}

  /**
   * What a source says.
   *
   * @param literals texts, as they are at run time
   */
  record Source(String packageName, List<String> literals) {}

  static boolean isSource(String path) {
    return path.matches(".*\\.(java|kt|groovy)") && path.startsWith("src/");
  }

  /** Reads one; what its compiler refuses is a failure. */
  static Source read(String path, String text) throws Exception {
    return path.endsWith(".java")
        ? java(path, text)
        : path.endsWith(".kt") ? ofKotlin(path, text) : groovy(path, text);
  }

  private static Source java(String path, String text) throws Exception {
    JavaCompiler compiler = ToolProvider.getSystemJavaCompiler();
    DiagnosticCollector<JavaFileObject> faults = new DiagnosticCollector<>();
    JavaFileObject file =
        new SimpleJavaFileObject(URI.create("memory:///" + path), JavaFileObject.Kind.SOURCE) {
          @Override
          public CharSequence getCharContent(boolean ignore) {
            return text;
          }
        };
    JavacTask task =
        (JavacTask) compiler.getTask(null, null, faults, List.of(), null, List.of(file));
    CompilationUnitTree unit = task.parse().iterator().next();
    if (!faults.getDiagnostics().isEmpty()) {
      throw new AssertionError(path + ": " + faults.getDiagnostics());
    }
    List<String> literals = new ArrayList<>();
    new TreeScanner<Void, Void>() {
      @Override
      public Void visitLiteral(LiteralTree literal, Void nothing) {
        literals.add(String.valueOf(literal.getValue()));
        return null;
      }
    }.scan(unit, null);
    return new Source(String.valueOf(unit.getPackageName()), literals);
  }

  static KtFile kotlin(String name, String text) {
    KtFile file = new KtPsiFactory(KOTLIN.getProject(), false).createFile(name, text);
    PsiErrorElement fault = PsiTreeUtil.findChildOfType(file, PsiErrorElement.class);
    if (fault != null) {
      throw new AssertionError(name + ": " + fault.getErrorDescription() + " in\n" + text);
    }
    return file;
  }

  private static Source ofKotlin(String path, String text) {
    KtFile file = kotlin(path.substring(path.lastIndexOf('/') + 1), text);
    List<String> literals = new ArrayList<>();
    PsiTreeUtil.findChildrenOfType(file, KtStringTemplateExpression.class)
        .forEach(each -> literals.add(literal(each)));
    return new Source(file.getPackageFqName().asString(), literals);
  }

  /** A text without anything that is replaced when it runs. */
  static String literal(KtStringTemplateExpression template) {
    StringBuilder text = new StringBuilder();
    for (KtStringTemplateEntry entry : template.getEntries()) {
      if (entry instanceof KtEscapeStringTemplateEntry escape) {
        text.append(escape.getUnescapedValue());
      } else if (entry instanceof KtLiteralStringTemplateEntry) {
        text.append(entry.getText());
      } else {
        throw new AssertionError("something is replaced in " + template.getText());
      }
    }
    return text.toString();
  }

  private static Source groovy(String path, String text) {
    CompilationUnit unit = new CompilationUnit();
    unit.addSource(path.substring(path.lastIndexOf('/') + 1), text);
    unit.compile(Phases.CONVERSION);
    List<String> literals = new ArrayList<>();
    CodeVisitorSupport visitor =
        new CodeVisitorSupport() {
          @Override
          public void visitConstantExpression(ConstantExpression constant) {
            literals.add(String.valueOf(constant.getValue()));
          }
        };
    for (ClassNode type : unit.getAST().getClasses()) {
      type.getMethods().stream()
          .map(MethodNode::getCode)
          .filter(Objects::nonNull)
          .forEach(code -> code.visit(visitor));
    }
    String name = unit.getAST().getModules().get(0).getPackageName();
    return new Source(name.substring(0, name.length() - 1), literals);
  }
}
