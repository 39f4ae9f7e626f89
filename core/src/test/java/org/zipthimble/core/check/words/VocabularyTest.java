package org.zipthimble.core.check.words;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.text.ParseException;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.SortedSet;
import java.util.TreeSet;
import java.util.stream.Stream;
import org.apache.lucene.analysis.hunspell.AffixedWord;
import org.apache.lucene.analysis.hunspell.Dictionary;
import org.apache.lucene.analysis.hunspell.Hunspell;
import org.apache.lucene.analysis.hunspell.SortingStrategy;
import org.apache.lucene.analysis.hunspell.TimeoutPolicy;
import org.apache.lucene.analysis.hunspell.WordFormGenerator;
import org.junit.jupiter.api.Test;

/** The list of all forms against the dictionary's own rules, which Lucene's reader of Hunspell dictionaries carries out. */
class VocabularyTest {
  private static final String FOLDER = "/org/zipthimble/core/check/";

  /** Writes the list anew into the file named, after the dictionary has changed. */
  public static void main(String[] args) throws IOException, ParseException {
    Files.write(Path.of(args[0]), packed(forms(dictionary())));
  }

  @Test
  void holdsEveryFormThatTheDictionarysRulesMakeAndNoOther() throws IOException, ParseException {
    Dictionary dictionary = dictionary();
    SortedSet<String> forms = forms(dictionary);
    Hunspell reader = new Hunspell(dictionary, TimeoutPolicy.NO_TIMEOUT, () -> { });
    List<String> wrong = forms.stream().filter(f -> !reader.spell(f)).toList();
    assertTrue(wrong.isEmpty(), () -> "the dictionary holds these to be wrong: " + wrong);
    assertTrue(forms.size() > 100_000, () -> forms.size() + " forms");
    try (InputStream in = VocabularyTest.class.getResourceAsStream(Vocabulary.FILE)) {
      assertArrayEquals(packed(forms), in.readAllBytes(), "the list is not of this dictionary: run this class with the file to write");
    }
  }

  @Test
  void findsTheFirstTheLastAndThoseAtTheEdgesOfBlocks() {
    for (int count : new int[] {1, 2, Vocabulary.BLOCK, Vocabulary.BLOCK + 1, 5 * Vocabulary.BLOCK - 1}) {
      SortedSet<String> words = new TreeSet<>(byBytes());
      for (int i = 0; i < count; i++) {
        words.add("bean" + Integer.toString(i * 7, 3) + (i % 5 == 0 ? "é" : ""));
      }
      Vocabulary made = new Vocabulary(packed(words));
      for (String word : words) {
        assertTrue(made.has(word), word);
        assertFalse(made.has(word + "s"), word);
        assertFalse(made.has(word.substring(1)), word);
      }
      assertFalse(made.has(""));
      assertFalse(made.has("a"));
      assertFalse(made.has("zzz"));
      assertFalse(made.has("b".repeat(200)));
    }
    assertFalse(new Vocabulary(packed(new TreeSet<>())).has("bean"));
  }

  @Test
  void knowsWhatIsOnAnInvitationAndNotWhatIsMisspelt() {
    Stream.of("bring", "handful", "vines", "dried", "Wednesday", "neighbor's").forEach(w -> assertTrue(Vocabulary.english().has(w), w));
    Stream.of("recieve", "tommorow", "Marrowfield", "beens'", "seedss").forEach(w -> assertFalse(Vocabulary.english().has(w), w));
  }

  private static Dictionary dictionary() throws IOException, ParseException {
    try (InputStream affixes = VocabularyTest.class.getResourceAsStream(FOLDER + "en.aff"); InputStream words =
        VocabularyTest.class.getResourceAsStream(FOLDER + "en.dic")) {
      return new Dictionary(affixes, List.of(words), false, SortingStrategy.inMemory());
    }
  }

  private static SortedSet<String> forms(Dictionary dictionary) throws IOException {
    WordFormGenerator forms = new WordFormGenerator(dictionary);
    SortedSet<String> out = new TreeSet<>(byBytes());
    try (InputStream words = VocabularyTest.class.getResourceAsStream(FOLDER + "en.dic")) {
      new String(words.readAllBytes(), StandardCharsets.UTF_8).lines().skip(1).map(l -> l.split("[/\t]")[0].strip())
          .filter(w -> !w.isEmpty())
          .forEach(w -> forms.getAllWordForms(w, () -> { }).stream().map(AffixedWord::getWord).forEach(out::add));
    }
    return out;
  }

  private static Comparator<String> byBytes() {
    return (a, b) -> Arrays.compareUnsigned(a.getBytes(StandardCharsets.UTF_8), b.getBytes(StandardCharsets.UTF_8));
  }

  private static byte[] packed(SortedSet<String> words) {
    try (ByteArrayOutputStream all = new ByteArrayOutputStream()) {
      int blocks = (words.size() + Vocabulary.BLOCK - 1) / Vocabulary.BLOCK;
      ByteBuffer head = ByteBuffer.allocate((blocks + 1) * Integer.BYTES).putInt(blocks);
      byte[] last = new byte[0];
      int n = 0;
      for (String word : words) {
        byte[] now = word.getBytes(StandardCharsets.UTF_8);
        assertTrue(now.length <= Byte.MAX_VALUE, word);
        int shared = 0;
        if (n++ % Vocabulary.BLOCK == 0) {
          head.putInt(head.capacity() + all.size());
        } else {
          int differ = Arrays.mismatch(last, now);
          shared = differ < 0 ? now.length : differ;
        }
        all.write(shared);
        all.write(now.length - shared);
        all.write(now, shared, now.length - shared);
        last = now;
      }
      byte[] out = Arrays.copyOf(head.array(), head.capacity() + all.size());
      System.arraycopy(all.toByteArray(), 0, out, head.capacity(), all.size());
      return out;
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
