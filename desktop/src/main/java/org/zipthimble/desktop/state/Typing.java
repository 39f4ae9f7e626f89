package org.zipthimble.desktop.state;

import java.nio.ByteBuffer;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.scene.input.DataFormat;
import org.zipthimble.core.edit.Edits;
import org.zipthimble.core.edit.Flow;
import org.zipthimble.core.edit.StoryEdits;
import org.zipthimble.core.form.Load;
import org.zipthimble.core.form.Seen;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.geom.Warp;
import org.zipthimble.core.item.HoldsWords;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.job.JobFonts;
import org.zipthimble.core.store.StoryText;
import org.zipthimble.core.type.Carets;
import org.zipthimble.core.type.LetterLook;
import org.zipthimble.core.type.SetWords;
import org.zipthimble.core.type.Story;
import org.zipthimble.core.type.Walk;
import org.zipthimble.core.type.WordStyle;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.core.wording.Wording;

/** The caret in words on the bench: where it stands, what is chosen, what is typed. For the interface thread only. */
public final class Typing {
  private static final DataFormat WORDS = new DataFormat("application/x-zip-thimble-words");

  private final Session session;
  private final ReadOnlyObjectWrapper<Optional<Cursor>> cursor = new ReadOnlyObjectWrapper<>(Optional.empty());
  private Optional<LetterLook> wished = Optional.empty();
  private Optional<Point> goal = Optional.empty();
  private Optional<Word> word = Optional.empty();
  private int words;
  private boolean own;
  private boolean moving;
  private SetWords caretsOf;
  private Carets carets;

  /**
   * Where the caret stands.
   *
   * @param anchor where the choice began; the same as the caret where nothing is chosen
   */
  public record Cursor(String itemId, int anchor, int caret) {
    /** What is chosen. */
    public Walk.Span span() {
      return Walk.Span.between(anchor, caret);
    }
  }

  /** What has been typed since the last step of its own: one word is one step. */
  private record Word(int number, int from, int to, String text) {}

  Typing(Session session) {
    this.session = session;
    session.selectionProperty().addListener(o -> cursor.get()
        .filter(c -> !moving && !session.selectionProperty().get().equals(Set.of(c.itemId()))).ifPresent(c -> end()));
    session.stationProperty().addListener(o -> end());
    session.faceIdProperty().addListener(o -> end());
    session.historyProperty().addListener(o -> {
      if (!own) {
        word = Optional.empty();
        follow();
      }
    });
  }

  /** After a step back or forward the caret stands where there is a place for it. */
  private void follow() {
    cursor.get().ifPresent(c -> {
      Optional<HoldsWords> words = words();
      if (words.isEmpty()) {
        cursor.set(Optional.empty());
      } else {
        int length = words.get().story().length();
        Optional<HoldsWords> next = c.caret() > length && c.span().empty() ? Flow.next(session.face(), c.itemId()) : Optional.empty();
        if (next.isPresent()) {
          onward(next.get(), c.caret() - length - (next.get().follows().filter(f -> f.within()).isPresent() ? 0 : 1));
          return;
        }
        cursor.set(Optional.of(new Cursor(c.itemId(), Math.min(c.anchor(), length), Math.min(c.caret(), length))));
      }
    });
  }

  /** The words that the caret stands in have flowed on into another block: it goes with them. */
  private void onward(HoldsWords to, int place) {
    int held = Math.max(0, Math.min(to.story().length(), place));
    moving = true;
    session.selectionProperty().set(Set.of(to.id()));
    moving = false;
    reset();
    cursor.set(Optional.of(new Cursor(to.id(), held, held)));
  }

  /** The caret; empty while nobody types. */
  public ReadOnlyObjectProperty<Optional<Cursor>> cursorProperty() {
    return cursor.getReadOnlyProperty();
  }

  /** Whether the caret stands in words. */
  public boolean on() {
    return cursor.get().isPresent();
  }

  /** The words in which the caret stands, as they are shown. */
  public Optional<HoldsWords> words() {
    return cursor.get().flatMap(c -> session.face().find(c.itemId())).flatMap(Item::words);
  }

  /** From the inches of the words' block to the face. */
  public Warp toFace() {
    return Seen.of(session.face(), words().map(Item::id).orElse(""));
  }

  /** The places of the caret in the words as they are set. */
  public Optional<Carets> carets() {
    return words().map(w -> {
      SetWords set = w.set(new JobFonts(session.shownProperty().get()));
      if (caretsOf != set) {
        caretsOf = set;
        carets = new Carets(set);
      }
      return carets;
    });
  }

  /** Puts the caret into words, all of them chosen. */
  public void beginAll(String itemId) {
    session.face().find(itemId).flatMap(Item::words).ifPresent(w -> begin(itemId, 0, w.story().length()));
  }

  /** Puts the caret into words at a point of the face. */
  public void beginAt(String itemId, Point face) {
    begin(itemId, 0, 0);
    pointed(face, false, 1);
  }

  private void begin(String itemId, int anchor, int caret) {
    session.settle();
    session.selection().pointsProperty().set(Optional.empty());
    session.selectionProperty().set(Set.of(itemId));
    reset();
    cursor.set(Optional.of(new Cursor(itemId, anchor, caret)));
  }

  private void reset() {
    wished = Optional.empty();
    goal = Optional.empty();
    word = Optional.empty();
  }

  /** Takes the caret out of the words; a block that says nothing goes away. */
  public void end() {
    Optional<HoldsWords> left = words();
    reset();
    boolean was = on();
    cursor.set(Optional.empty());
    if (was) {
      session.settle();
      left.filter(w -> w.story().length() == 0).ifPresent(w -> session.apply(Edits.remove(session.faceIdProperty().get(), Set.of(w.id()))));
    }
  }

  /**
   * Moves the caret.
   *
   * @param choosing whether what lies between is chosen
   */
  public void moveTo(int place, boolean choosing) {
    goal = Optional.empty();
    moved(place, choosing);
  }

  private void moved(int place, boolean choosing) {
    session.settle();
    wished = Optional.empty();
    word = Optional.empty();
    cursor.get().ifPresent(c -> words().ifPresent(w -> {
      int held = Walk.outsideFields(w.story(), Math.max(0, Math.min(w.story().length(), place)));
      cursor.set(Optional.of(new Cursor(c.itemId(), choosing ? c.anchor() : held, held)));
    }));
  }

  /** Chooses a part. */
  public void choose(Walk.Span span) {
    moveTo(span.from(), false);
    moveTo(span.to(), true);
  }

  /** Chooses all. */
  public void all() {
    words().ifPresent(w -> choose(new Walk.Span(0, w.story().length())));
  }

  /**
   * Puts the caret where the face is pointed at.
   *
   * @param times how often it was pressed: once for the caret, twice for a word, three times for a line, four times for a paragraph
   */
  public void pointed(Point face, boolean choosing, int times) {
    carets().ifPresent(carets -> words().ifPresent(w -> {
      int place = carets.nearest(toFace().back(face));
      switch (times) {
        case 1 -> moveTo(place, choosing);
        case 2 -> choose(Walk.wordAt(w.story(), place));
        case 3 -> choose(new Walk.Span(carets.lineBegin(place), carets.lineEnd(place)));
        default -> choose(Walk.paragraphAt(w.story(), place));
      }
    }));
  }

  /** One letter or word farther or back; without choosing, a choice ends at its side. */
  public void step(boolean forward, boolean byWord, boolean choosing) {
    cursor.get().ifPresent(c -> words().ifPresent(w -> {
      boolean atEdge = !choosing && c.span().empty() && (forward ? c.caret() == w.story().length() : c.caret() == 0);
      Optional<HoldsWords> beyond = !atEdge ? Optional.empty() : forward ? Flow.next(session.face(), w.id()) : before(w);
      if (beyond.isPresent()) {
        onward(beyond.get(), forward ? 0 : beyond.get().story().length());
      } else if (!choosing && !byWord && !c.span().empty()) {
        moveTo(forward ? c.span().to() : c.span().from(), false);
      } else {
        moveTo(byWord ? Walk.word(w.story(), c.caret(), forward) : Walk.letter(w.story(), c.caret(), forward), choosing);
      }
    }));
  }

  private Optional<HoldsWords> before(HoldsWords words) {
    return words.follows().map(f -> f.block()).flatMap(session.face()::find).flatMap(Item::words);
  }

  /** Lines up or down. */
  public void lines(int count, boolean choosing) {
    cursor.get().ifPresent(c -> carets().ifPresent(carets -> {
      Point keep = goal.or(() -> carets.at(c.caret()).map(Carets.Caret::middle)).orElse(new Point(0, 0));
      moved(carets.vertically(c.caret(), count, keep), choosing);
      goal = Optional.of(keep);
    }));
  }

  /** To the beginning or the end of the line, or of all. */
  public void edge(boolean end, boolean ofAll, boolean choosing) {
    cursor.get().ifPresent(c -> carets().ifPresent(carets -> words().ifPresent(w -> moveTo(
        ofAll ? end ? w.story().length() : 0 : end ? carets.lineEnd(c.caret()) : carets.lineBegin(c.caret()), choosing))));
  }

  /** The look that what is typed next has. */
  public Optional<LetterLook> lookOfNext() {
    return wished.or(() -> cursor.get().flatMap(c -> words().map(w -> {
      Walk.Span s = c.span();
      return w.story().styleAt(s.empty() ? s.from() : s.from() + 1).letters();
    })));
  }

  /** Every look of what is chosen, or the one that is typed next. */
  public List<WordStyle> styles() {
    return cursor.get().flatMap(c -> words().map(w -> {
      List<WordStyle> all = w.story().styles(c.span().from(), c.span().to());
      return wished.map(l -> List.of(all.get(0).withLetters(l))).orElse(all);
    })).orElse(List.of());
  }

  /** Types text in place of what is chosen. Letters of one word are one step. */
  public void type(String text) {
    cursor.get().ifPresent(c -> words().ifPresent(w -> {
      if (w.story().length() + text.length() > Load.MOST_CHARACTERS) {
        session.say(Wording.text("load.characters", w.properties().name(), w.story().length() + text.length(), Load.MOST_CHARACTERS));
        return;
      }
      LetterLook look = lookOfNext().orElseThrow();
      String clean = Story.clean(text);
      Word now = word.filter(o -> c.span().empty() && c.caret() == o.from() + o.text().length()
          && !(endsWord(o.text()) && !endsWord(clean)))
          .map(o -> new Word(o.number(), o.from(), o.to(), o.text() + clean))
          .orElseGet(() -> new Word(++words, c.span().from(), c.span().to(), clean));
      written(c, now, look);
      wished = wished.filter(l -> clean.isEmpty());
    }));
  }

  private static boolean endsWord(String text) {
    return !text.isEmpty() && Character.isWhitespace(text.charAt(text.length() - 1));
  }

  private void written(Cursor c, Word now, LetterLook look) {
    own = true;
    word = Optional.of(now);
    goal = Optional.empty();
    int place = now.from() + now.text().length();
    Cursor then = new Cursor(c.itemId(), place, place);
    session.amend("typed " + c.itemId() + " " + now.number(),
        StoryEdits.type(session.faceIdProperty().get(), c.itemId(), now.from(), now.to(), now.text(), look));
    own = false;
    cursor.set(Optional.of(then));
    follow();
  }

  /** Takes away what is chosen, or the letter or word beside the caret. */
  public void delete(boolean forward, boolean byWord) {
    cursor.get().ifPresent(c -> words().ifPresent(w -> {
      Walk.Span span = c.span();
      Optional<HoldsWords> beyond = !forward && span.empty() && c.caret() == 0 ? before(w) : Optional.empty();
      if (beyond.isPresent()) {
        onward(beyond.get(), beyond.get().story().length());
        delete(false, byWord);
        return;
      }
      if (span.empty()) {
        int other = byWord ? Walk.word(w.story(), c.caret(), forward) : Walk.letter(w.story(), c.caret(), forward);
        span = Walk.Span.between(c.caret(), other);
      }
      if (span.empty()) {
        return;
      }
      Optional<Word> typed = word.filter(o -> !forward && c.span().empty() && !o.text().isEmpty() && c.caret() == o.from() + o.text()
          .length());
      Walk.Span gone = span;
      if (typed.filter(o -> gone.from() >= o.from()).isPresent()) {
        Word o = typed.get();
        written(c, new Word(o.number(), o.from(), o.to(), o.text().substring(0, gone.from() - o.from())), lookOfNext().orElseThrow());
        return;
      }
      // what is taken away letter by letter is one step too
      Word now = word.filter(o -> o.text().isEmpty() && c.span().empty() && (c.caret() == o.from()))
          .map(o -> new Word(o.number(), Math.min(o.from(), gone.from()), o.to() + (forward ? gone.to() - gone.from() : 0), ""))
          .orElseGet(() -> new Word(++words, gone.from(), gone.to(), ""));
      written(c, now, w.story().styleAt(gone.from()).letters());
    }));
  }

  /** Changes the look of what is chosen; where nothing is, of the paragraph and of what is typed next. */
  public void style(UnaryOperator<WordStyle> change) {
    cursor.get().ifPresent(c -> words().ifPresent(w -> {
      Walk.Span s = c.span();
      LetterLook next = lookOfNext().orElseThrow();
      own = true;
      session.apply(StoryEdits.style(session.faceIdProperty().get(), c.itemId(), s.from(), s.to(), change));
      own = false;
      word = Optional.empty();
      if (s.empty()) {
        wished = Optional.of(change.apply(w.story().styleAt(s.from()).withLetters(next)).letters());
      }
      cursor.set(Optional.empty());
      cursor.set(Optional.of(c));
    }));
  }

  /** Puts words with looks in place of what is chosen. */
  public void put(Story story) {
    cursor.get().ifPresent(c -> {
      Walk.Span s = c.span();
      session.apply(StoryEdits.put(session.faceIdProperty().get(), c.itemId(), s.from(), s.to(), story));
      moveTo(s.from() + story.length(), false);
    });
  }

  /** Copies what is chosen, with its looks and as plain text. */
  public void copy() {
    cursor.get().filter(c -> !c.span().empty()).ifPresent(c -> words().ifPresent(w -> {
      Story part = w.story().part(c.span().from(), c.span().to());
      ClipboardContent content = new ClipboardContent();
      content.putString(part.text().replace('\u2028', '\n'));
      content.put(WORDS, ByteBuffer.wrap(StoryText.write(part)));
      Clipboard.getSystemClipboard().setContent(content);
    }));
  }

  /** Copies what is chosen and takes it away. */
  public void cut() {
    copy();
    if (cursor.get().filter(c -> !c.span().empty()).isPresent()) {
      delete(true, false);
    }
  }

  /** Puts in what was copied, with its looks or as plain text. */
  public void paste(boolean plain) {
    Clipboard board = Clipboard.getSystemClipboard();
    try {
      if (!plain && board.getContent(WORDS) instanceof ByteBuffer) {
        ByteBuffer bytes = ((ByteBuffer) board.getContent(WORDS)).duplicate();
        byte[] copy = new byte[bytes.remaining()];
        bytes.get(copy);
        put(StoryText.read(copy));
      } else if (board.hasString()) {
        word = Optional.empty();
        type(board.getString());
        word = Optional.empty();
      }
    } catch (Trouble unreadable) {
      session.say(unreadable.getMessage());
    }
  }
}
