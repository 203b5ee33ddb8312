package vividtrellis.core.catalog;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.apache.lucene.analysis.Analyzer;
import org.apache.lucene.analysis.TokenStream;
import org.apache.lucene.analysis.en.EnglishAnalyzer;
import org.apache.lucene.analysis.tokenattributes.CharTermAttribute;
import org.apache.lucene.document.Document;
import org.apache.lucene.document.Field;
import org.apache.lucene.document.StoredField;
import org.apache.lucene.document.StringField;
import org.apache.lucene.document.TextField;
import org.apache.lucene.index.DirectoryReader;
import org.apache.lucene.index.IndexWriter;
import org.apache.lucene.index.IndexWriterConfig;
import org.apache.lucene.index.Term;
import org.apache.lucene.search.BooleanClause.Occur;
import org.apache.lucene.search.BooleanQuery;
import org.apache.lucene.search.BoostQuery;
import org.apache.lucene.search.DisjunctionMaxQuery;
import org.apache.lucene.search.FuzzyQuery;
import org.apache.lucene.search.IndexSearcher;
import org.apache.lucene.search.PrefixQuery;
import org.apache.lucene.search.Query;
import org.apache.lucene.search.ScoreDoc;
import org.apache.lucene.search.TermQuery;
import org.apache.lucene.search.similarities.BooleanSimilarity;
import org.apache.lucene.store.ByteBuffersDirectory;
import vividtrellis.core.catalog.Options.Option;

/**
 * Finds options by what people type: a product, a standard, a task, an old name. The beginning of a
 * word is enough, and a wrong letter does no harm. Best first; ties in the order of the catalog.
 * Safe for use by many threads.
 *
 * @param <T> the kind of option
 */
public final class OptionSearch<T extends Option> {

  /** Words of a question beyond this are not looked at. */
  private static final int MOST_WORDS = 12;

  private static final int LONGEST_WORD = 40;
  private static final float WHOLE = 5;

  private final List<T> options;
  private final Analyzer analyzer = new EnglishAnalyzer();
  private final IndexSearcher searcher;

  /** Over some options; the index is made once, in memory. */
  public OptionSearch(List<T> options) {
    this.options = List.copyOf(options);
    try {
      ByteBuffersDirectory directory = new ByteBuffersDirectory();
      try (IndexWriter writer = new IndexWriter(directory, new IndexWriterConfig(analyzer))) {
        for (int i = 0; i < options.size(); i++) {
          writer.addDocument(document(options.get(i), i));
        }
      }
      searcher = new IndexSearcher(DirectoryReader.open(directory));
      // Many search words make an option no worse an answer to one of them.
      searcher.setSimilarity(new BooleanSimilarity());
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static Document document(Option option, int number) {
    Document document = new Document();
    document.add(new StoredField("number", number));
    document.add(new TextField("id", option.id().replace('-', ' '), Field.Store.NO));
    document.add(new TextField("label", option.about().label(), Field.Store.NO));
    document.add(new TextField("summary", option.about().summary(), Field.Store.NO));
    for (String word : option.search()) {
      document.add(new TextField("word", word, Field.Store.NO));
      document.add(new StringField("whole", word.toLowerCase(Locale.ROOT), Field.Store.NO));
    }
    return document;
  }

  /**
   * Finds.
   *
   * @param question what somebody typed; blank gives every option, in the order of the catalog
   */
  public List<T> find(String question) {
    if (question.isBlank()) {
      return options;
    }
    String typed = question.strip().toLowerCase(Locale.ROOT);
    BooleanQuery.Builder all = new BooleanQuery.Builder();
    List<String> raw = List.of(typed.split("[^\\p{L}\\p{N}]+", MOST_WORDS + 1));
    int words = 0;
    for (String word : raw.subList(0, Math.min(raw.size(), MOST_WORDS))) {
      String stem = stem(word);
      if (!stem.isEmpty() && word.length() <= LONGEST_WORD) {
        all.add(query(word, stem), Occur.SHOULD);
        words++;
      }
    }
    // Of a question in many words, one may be of no use.
    all.setMinimumNumberShouldMatch(words > 2 ? words - 1 : words);
    return words == 0 ? List.of() : found(wholeFirst(all.build(), typed));
  }

  /** What somebody typed can be a search word of an option as it stands. */
  private static Query wholeFirst(Query query, String typed) {
    return new BooleanQuery.Builder()
        .add(query, Occur.MUST)
        .add(boosted(new TermQuery(new Term("whole", typed)), WHOLE), Occur.SHOULD)
        .build();
  }

  private List<T> found(Query query) {
    try {
      List<T> found = new ArrayList<>();
      for (ScoreDoc hit : searcher.search(query, Math.max(1, options.size())).scoreDocs) {
        Number number = searcher.storedFields().document(hit.doc).getField("number").numericValue();
        found.add(options.get(number.intValue()));
      }
      return found;
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static Query query(String word, String stem) {
    List<Query> ways = new ArrayList<>();
    for (Place field : Place.values()) {
      ways.add(boosted(new TermQuery(new Term(field.word(), stem)), 4 * field.weight));
      ways.add(boosted(new PrefixQuery(new Term(field.word(), word)), 2 * field.weight));
      if (word.length() > 3) {
        int slips = word.length() > 6 ? 2 : 1;
        ways.add(boosted(new FuzzyQuery(new Term(field.word(), stem), slips, 1), field.weight));
      }
    }
    return new DisjunctionMaxQuery(ways, 0.1f);
  }

  private static Query boosted(Query query, float weight) {
    return new BoostQuery(query, weight);
  }

  /** Where a word may stand, and how much that counts. */
  private enum Place {
    LABEL(3),
    ID(3),
    WORD(2),
    SUMMARY(0.5f);

    private final float weight;

    Place(float weight) {
      this.weight = weight;
    }

    String word() {
      return name().toLowerCase(Locale.ROOT);
    }
  }

  /** A word as the index has it; empty for one that says nothing. */
  private String stem(String word) {
    try (TokenStream tokens = analyzer.tokenStream("word", word)) {
      CharTermAttribute text = tokens.addAttribute(CharTermAttribute.class);
      tokens.reset();
      String stem = tokens.incrementToken() ? text.toString() : "";
      tokens.end();
      return stem;
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
