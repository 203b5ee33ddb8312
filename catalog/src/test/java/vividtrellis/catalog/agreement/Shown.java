package vividtrellis.catalog.agreement;

import java.util.ArrayList;
import java.util.List;
import org.commonmark.node.AbstractVisitor;
import org.commonmark.node.Block;
import org.commonmark.node.Heading;
import org.commonmark.node.Paragraph;
import org.commonmark.node.Text;
import org.commonmark.parser.Parser;

/** What a reader of Markdown shows. */
final class Shown extends AbstractVisitor {

  private final List<String> blocks = new ArrayList<>();

  private Shown() {}

  /** The plain text of each heading and paragraph; what is emphasised or linked counts as none. */
  static List<String> of(String markdown) {
    Shown shown = new Shown();
    Parser.builder().build().parse(markdown).accept(shown);
    return shown.blocks;
  }

  @Override
  public void visit(Heading heading) {
    block(heading);
  }

  @Override
  public void visit(Paragraph paragraph) {
    block(paragraph);
  }

  private void block(Block block) {
    blocks.add("");
    for (var part = block.getFirstChild(); part != null; part = part.getNext()) {
      part.accept(this);
    }
  }

  @Override
  public void visit(Text text) {
    int last = blocks.size() - 1;
    blocks.set(
        last, blocks.get(last) + (text.getParent() instanceof Block ? text.getLiteral() : ""));
  }
}
