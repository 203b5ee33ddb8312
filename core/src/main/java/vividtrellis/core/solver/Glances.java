package vividtrellis.core.solver;

import java.util.BitSet;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * The looks of a search in which everything is available and nothing is left out: only there do
 * they see what is certain.
 */
final class Glances implements QuickLooks {

  private final LocalRepair localRepair;
  private final BulkProbe bulkProbe;
  private final SupportCache support;

  Glances(ClauseTable table, State state, SupportCache support) {
    this.localRepair = new LocalRepair(table, state);
    this.bulkProbe = new BulkProbe(table, state, support);
    this.support = support;
  }

  @Override
  public Optional<Model> near(Model model, @Nullable BitSet[] narrowed) {
    return Optional.ofNullable(localRepair.near(model, narrowed));
  }

  @Override
  public BitSet apart(Model model, int choice) {
    return localRepair.apart(model, choice);
  }

  @Override
  public BitSet supported(Model model) {
    return bulkProbe.supported(model);
  }

  @Override
  public Optional<BitSet> beside(Model model, int which) {
    return Optional.ofNullable(support.beside(model, which));
  }

  @Override
  public BitSet unsupported() {
    return bulkProbe.unsupported();
  }
}
