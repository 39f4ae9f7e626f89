package org.zipthimble.core.bring;

import java.nio.charset.Charset;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.type.Align;
import org.zipthimble.core.type.Story;
import org.zipthimble.core.type.WordStyle;
import org.zipthimble.core.wording.Trouble;

/** The words of an RTF document (Rich Text Format, version 1.9.1): groups, control words, characters by code and by Unicode. */
final class RtfWords {
  private static final int DEEPEST = 500;

  /** Groups whose text is not of the document. */
  private static final Set<String> ELSEWHERE = Set.of(
      "fonttbl", "stylesheet", "info", "pict", "object", "header", "footer", "headerl", "headerr", "footerl", "footerr", "footnote",
      "listtable", "listoverridetable",
      "rsidtbl", "generator", "themedata", "colorschememapping", "latentstyles", "datastore", "fldinst", "xmlnstbl", "mmathPr");

  private static final Charset WESTERN = Charset.forName("windows-1252");

  /** What a group changes and its end takes back. */
  private record State(StoryMaker.Said said, boolean hidden, boolean colours, int skip) {}

  private final String text;
  private final StoryMaker made;
  private final Deque<State> outer = new ArrayDeque<>();
  private final List<Optional<Colour>> colours = new ArrayList<>();
  private State now = new State(StoryMaker.Said.NOTHING, false, false, 1);
  private final int[] rgb = new int[3];
  private boolean named;
  private int at;
  private int toSkip;
  private char high;

  RtfWords(String text, WordStyle look) {
    this.text = text;
    this.made = new StoryMaker(look);
  }

  Story read(String name) throws Trouble {
    while (at < text.length()) {
      char c = text.charAt(at++);
      switch (c) {
        case '{' -> {
          if (outer.size() > DEEPEST) {
            throw Trouble.of("wordsIn.broken", name);
          }
          outer.push(now);
        }
        case '}' -> now = outer.isEmpty() ? now : outer.pop();
        case '\\' -> control();
        case '\r', '\n' -> { }
        default -> character(c);
      }
    }
    if (made.empty()) {
      throw Trouble.of("wordsIn.noWords", name);
    }
    return made.story();
  }

  private void character(char c) {
    if (now.colours()) {
      if (c == ';') {
        colours.add(named ? Optional.of(Colour.of((rgb[0] & 255) << 16 | (rgb[1] & 255) << 8 | rgb[2] & 255)) : Optional.empty());
        named = false;
      }
      return;
    }
    if (toSkip > 0) {
      toSkip--;
    } else if (!now.hidden()) {
      // of plain RTF every character is one byte of the Western code page
      made.text(new String(new byte[] {(byte) c}, WESTERN), now.said());
    }
  }

  private void control() {
    if (at >= text.length()) {
      return;
    }
    char c = text.charAt(at);
    if (!(c >= 'a' && c <= 'z' || c >= 'A' && c <= 'Z')) {
      at++;
      sign(c);
      return;
    }
    int begun = at;
    while (at < text.length() && (text.charAt(at) >= 'a' && text.charAt(at) <= 'z' || text.charAt(at) >= 'A' && text.charAt(at) <= 'Z')) {
      at++;
    }
    String word = text.substring(begun, at);
    int figures = at;
    if (at < text.length() && text.charAt(at) == '-') {
      at++;
    }
    while (at < text.length() && Character.isDigit(text.charAt(at)) && at - figures < 10) {
      at++;
    }
    String number = text.substring(figures, at);
    if (at < text.length() && text.charAt(at) == ' ') {
      at++;
    }
    word(word, number.isEmpty() || number.equals("-") ? Optional.empty() : Optional.of((int) Long.parseLong(number)));
  }

  private void sign(char c) {
    switch (c) {
      case '\'' -> {
        if (at + 2 <= text.length() && text.substring(at, at + 2).matches("[0-9A-Fa-f]{2}")) {
          char code = (char) Integer.parseInt(text.substring(at, at + 2), 16);
          at += 2;
          character(code);
        }
      }
      case '*' -> now = new State(now.said(), true, now.colours(), now.skip());
      case '~' -> put("\u00A0");
      case '_' -> put("\u2011");
      case '-' -> put("\u00AD");
      case '\\', '{', '}' -> character(c);
      case '\r', '\n' -> word("par", Optional.empty());
      default -> { }
    }
  }

  private void put(String text) {
    if (!now.hidden() && !now.colours()) {
      made.text(text, now.said());
    }
  }

  private void word(String word, Optional<Integer> number) {
    StoryMaker.Said said = now.said();
    boolean on = number.orElse(1) != 0;
    if (ELSEWHERE.contains(word)) {
      now = new State(said, true, false, now.skip());
      return;
    }
    switch (word) {
      case "colortbl" -> now = new State(said, true, true, now.skip());
      case "red", "green", "blue" -> {
        rgb[word.equals("red") ? 0 : word.equals("green") ? 1 : 2] = number.orElse(0);
        named = true;
      }
      case "b" -> saying(new StoryMaker.Said(on, said.italic(), said.sizePt(), said.colour()));
      case "i" -> saying(new StoryMaker.Said(said.bold(), on, said.sizePt(), said.colour()));
      case "fs" -> saying(new StoryMaker.Said(said.bold(), said.italic(), number.map(n -> n / 2.0), said.colour()));
      case "cf" -> saying(new StoryMaker.Said(said.bold(), said.italic(), said.sizePt(),
          number.filter(n -> n >= 0 && n < colours.size()).flatMap(colours::get)));
      case "plain" -> saying(StoryMaker.Said.NOTHING);
      case "pard" -> made.align(Align.LEFT);
      case "ql" -> made.align(Align.LEFT);
      case "qc" -> made.align(Align.CENTRE);
      case "qr" -> made.align(Align.RIGHT);
      case "qj" -> made.align(Align.JUSTIFIED);
      case "par", "sect", "page", "row", "cell" -> {
        if (!now.hidden()) {
          made.paragraph();
        }
      }
      case "line" -> put("\u2028");
      case "tab" -> put("\t");
      case "emdash" -> put("—");
      case "endash" -> put("–");
      case "lquote" -> put("‘");
      case "rquote" -> put("’");
      case "ldblquote" -> put("“");
      case "rdblquote" -> put("”");
      case "bullet" -> put("•");
      case "uc" -> now = new State(said, now.hidden(), now.colours(), Math.max(0, Math.min(10, number.orElse(1))));
      case "u" -> unicode(number.orElse(0));
      case "bin" -> at = (int) Math.min(text.length(), (long) at + Math.max(0, number.orElse(0)));
      default -> { }
    }
  }

  private void saying(StoryMaker.Said said) {
    now = new State(said, now.hidden(), now.colours(), now.skip());
  }

  /** A character by its code, as a signed number of 16 bits; what stands in for it in old readers is passed over. */
  private void unicode(int code) {
    char c = (char) code;
    if (Character.isHighSurrogate(c)) {
      high = c;
    } else if (Character.isLowSurrogate(c)) {
      put(new String(new char[] {high, c}));
    } else {
      put(String.valueOf(c));
    }
    toSkip = now.skip();
  }
}
