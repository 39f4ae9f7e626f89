package org.zipthimble.desktop.state;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.nio.ByteBuffer;
import java.nio.file.Path;
import java.util.List;
import java.util.function.BiConsumer;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import javafx.scene.image.Image;
import javafx.scene.image.PixelFormat;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.scene.input.DataFormat;
import org.zipthimble.core.edit.Copies;
import org.zipthimble.core.item.HoldsWords;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.paint.PngFile;
import org.zipthimble.core.plan.Ticket;
import org.zipthimble.core.store.ThimbleFile;
import org.zipthimble.core.wording.Trouble;

/** Copies objects to the desktop's clipboard and pastes objects, pictures, files and words from it. */
public final class CopiedObjects {
  private static final DataFormat OBJECTS = new DataFormat("application/x-zip-thimble-objects");

  private final Session session;
  private final LatestWork reader = new LatestWork();
  private final Consumer<List<Path>> files;
  private final Consumer<String> words;
  private final BiConsumer<String, byte[]> picture;
  private int pasted;

  /**
   * The clipboard of a session.
   *
   * @param files what happens to pasted files
   * @param words what happens to pasted words
   * @param picture what happens to a pasted picture: its name and its bytes as PNG
   */
  public CopiedObjects(Session session, Consumer<List<Path>> files, Consumer<String> words, BiConsumer<String, byte[]> picture) {
    this.session = session;
    this.files = files;
    this.words = words;
    this.picture = picture;
  }

  /** Copies what is selected: as objects for Zip Thimble, and its words for other programs. */
  public void copy() {
    List<Item> items = session.selected();
    if (items.isEmpty()) {
      return;
    }
    Job from = session.job();
    Job small = Copies.paste("f1", items, from.pictures(), 0, 0).change().apply(
        Job.blank(from.name(), Ticket.usual(from.ticket().item(), from.ticket().finished()), List.of("copied")));
    ClipboardContent content = new ClipboardContent();
    try {
      content.put(OBJECTS, ByteBuffer.wrap(ThimbleFile.bare(small)));
    } catch (Trouble trouble) {
      session.say(trouble.getMessage());
      return;
    }
    String text = items.stream().flatMap(i -> i.withMembers().stream()).flatMap(i -> i.words().stream())
        .map(HoldsWords::text).collect(Collectors.joining("\n"));
    if (!text.isEmpty()) {
      content.putString(text);
    }
    Clipboard.getSystemClipboard().setContent(content);
    pasted = 0;
  }

  /** Pastes a step beside where it came from. */
  public void paste() {
    pasted++;
    paste(pasted * Copies.STEP);
  }

  /** Pastes where it came from. */
  public void pasteInPlace() {
    paste(0);
  }

  private void paste(double step) {
    Clipboard board = Clipboard.getSystemClipboard();
    if (board.getContent(OBJECTS) instanceof ByteBuffer) {
      objects((ByteBuffer) board.getContent(OBJECTS), step);
    } else if (board.hasFiles()) {
      files.accept(board.getFiles().stream().map(java.io.File::toPath).toList());
    } else if (board.hasImage() && board.getImage() != null) {
      picture.accept("pasted", png(board.getImage()));
    } else if (board.hasString() && !board.getString().isBlank()) {
      words.accept(board.getString());
    }
  }

  private void objects(ByteBuffer bytes, double step) {
    byte[] copy = new byte[bytes.remaining()];
    bytes.duplicate().get(copy);
    session.openProperty().set(java.util.Optional.empty());
    reader.read(progress -> ThimbleFile.read("clipboard", new ByteArrayInputStream(copy)), job ->
        session.applyAndSelect(Copies.paste(session.faceIdProperty().get(), job.faces().get(0).items(), job.pictures(), step, step)),
            session::say);
  }

  /** A picture of the window as the bytes of a PNG file. */
  public static byte[] png(Image image) {
    int width = (int) image.getWidth();
    int height = (int) image.getHeight();
    int[] pixels = new int[width * height];
    image.getPixelReader().getPixels(0, 0, width, height, PixelFormat.getIntArgbInstance(), pixels, 0, width);
    BufferedImage out = new BufferedImage(width, height, BufferedImage.TYPE_INT_ARGB);
    out.setRGB(0, 0, width, height, pixels, 0, width);
    return PngFile.bytes(out, 96);
  }
}
