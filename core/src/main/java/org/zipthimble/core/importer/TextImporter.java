package org.zipthimble.core.importer;

import java.util.List;
import org.zipthimble.core.bring.WordsIn;
import org.zipthimble.core.wording.Trouble;

/** Plain text, rich text, and the body of a document. */
final class TextImporter extends Importer {
  @Override
  public List<String> endings() {
    return List.of(".txt", ".rtf", ".docx", ".md");
  }

  @Override
  public Brings brings() {
    return Brings.WORDS;
  }

  @Override
  protected long mostBytes(Bringing how) {
    return WordsIn.MOST_BYTES;
  }

  @Override
  protected String tooLarge() {
    return "wordsIn.large";
  }

  @Override
  protected Brought read(String name, byte[] bytes, Bringing how) throws Trouble {
    return new Brought.Written(WordsIn.read(name, bytes, how.look()));
  }
}
