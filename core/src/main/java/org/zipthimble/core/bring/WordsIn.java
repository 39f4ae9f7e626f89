package org.zipthimble.core.bring;

import com.ibm.icu.text.CharsetDetector;
import com.ibm.icu.text.CharsetMatch;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.CodingErrorAction;
import java.nio.charset.IllegalCharsetNameException;
import java.nio.charset.StandardCharsets;
import java.nio.charset.UnsupportedCharsetException;
import java.util.Locale;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import org.zipthimble.core.type.Story;
import org.zipthimble.core.type.WordStyle;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.core.wording.Wording;

/**
 * Brings words in from a file: plain text in common encodings, RTF, or the body of a DOCX (ISO/IEC 29500). Bold, italic, size, colour and
 * alignment come along.
 */
public final class WordsIn {
  /** The largest file that is read, in bytes. */
  public static final long MOST_BYTES = 20_000_000;

  /** The longest text that is taken. */
  static final int MOST_CHARACTERS = 20_000;

  private static final int SURE = 20;

  private WordsIn() {}

  /**
   * Words that were brought in.
   *
   * @param note what the person should know of it; empty for nothing
   */
  public record Brought(Story story, String note) {}

  /**
   * Reads the words of a file's bytes; what they are is told by how they begin.
   *
   * @param look what they look like where the file does not say
   * @throws Trouble when they hold none that can be read
   */
  public static Brought read(String name, byte[] bytes, WordStyle look) throws Trouble {
    try {
      if (bytes.length > 4 && bytes[0] == 'P' && bytes[1] == 'K') {
        return kept(DocxWords.read(name, document(name, bytes), look), "");
      }
      if (new String(bytes, 0, Math.min(5, bytes.length), StandardCharsets.ISO_8859_1).equals("{\\rtf")) {
        return kept(new RtfWords(new String(bytes, StandardCharsets.ISO_8859_1), look).read(name), "");
      }
      return plain(name, bytes, look);
    } catch (IOException e) {
      throw Trouble.because(e, "wordsIn.broken", name);
    }
  }

  /** Longer texts are cut, and that is said. */
  private static Brought kept(Story story, String note) {
    boolean longer = story.length() > MOST_CHARACTERS;
    return new Brought(longer ? story.part(0, MOST_CHARACTERS) : story, longer ? Wording.text("wordsIn.cut", MOST_CHARACTERS) : note);
  }

  private static Brought plain(String name, byte[] bytes, WordStyle look) throws Trouble {
    if (bytes.length > 4 * MOST_CHARACTERS * 10) {
      throw Trouble.of("wordsIn.large", name, 4 * MOST_CHARACTERS * 10 / 1_000_000.0);
    }
    for (int i = 0; i < Math.min(bytes.length, 2000); i++) {
      if (bytes[i] == 0 && !(bytes.length > 1 && (bytes[0] & 0xFF) >= 0xFE)) {
        throw Trouble.of("wordsIn.noText", name);
      }
    }
    if (bytes.length > 1 && (bytes[0] & 0xFF) == 0xFF && (bytes[1] & 0xFF) == 0xFE || bytes.length > 1 && (bytes[0] & 0xFF) == 0xFE
        && (bytes[1] & 0xFF) == 0xFF) {
      return kept(Story.of(new String(bytes, StandardCharsets.UTF_16), look), "");
    }
    try {
      return kept(Story.of(StandardCharsets.UTF_8.newDecoder().onMalformedInput(CodingErrorAction.REPORT).decode(ByteBuffer.wrap(bytes))
          .toString(), look), "");
    } catch (CharacterCodingException other) {
      Charset charset = guessed(bytes);
      return kept(Story.of(new String(bytes, charset), look), Wording.text("wordsIn.encoding", charset.displayName(Locale.ENGLISH)));
    }
  }

  /** The encoding by the frequency of its letters; that of Western Windows where nothing is likely. */
  private static Charset guessed(byte[] bytes) {
    CharsetDetector detector = new CharsetDetector();
    detector.setText(bytes);
    CharsetMatch match = detector.detect();
    try {
      return match != null && match.getConfidence() > SURE && !match.getName().startsWith("ISO-8859-1") ? Charset.forName(match.getName())
          : Charset.forName("windows-1252");
    } catch (IllegalCharsetNameException | UnsupportedCharsetException unknown) {
      return Charset.forName("windows-1252");
    }
  }

  /** The body of a DOCX: one entry, read up to a limit whatever the archive says of its size. */
  private static byte[] document(String name, byte[] bytes) throws IOException, Trouble {
    try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(bytes))) {
      long read = 0;
      for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
        byte[] inside = limited(zip, MOST_BYTES - read);
        read += inside.length;
        if (read >= MOST_BYTES) {
          throw Trouble.of("wordsIn.large", name, MOST_BYTES / 1_000_000);
        }
        if (entry.getName().equals("word/document.xml")) {
          return inside;
        }
      }
    } catch (IllegalArgumentException badName) {
      throw Trouble.because(badName, "wordsIn.broken", name);
    }
    throw Trouble.of("wordsIn.noWords", name);
  }

  private static byte[] limited(InputStream in, long most) throws IOException {
    return in.readNBytes((int) Math.max(0, Math.min(Integer.MAX_VALUE - 8, most)));
  }
}
