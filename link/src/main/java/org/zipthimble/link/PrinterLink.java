package org.zipthimble.link;

import com.hp.jipp.encoding.Attribute;
import com.hp.jipp.encoding.AttributeGroup;
import com.hp.jipp.encoding.BooleanType;
import com.hp.jipp.encoding.IppInputStream;
import com.hp.jipp.encoding.IppPacket;
import com.hp.jipp.encoding.KeywordOrName;
import com.hp.jipp.encoding.Tag;
import com.hp.jipp.model.JobState;
import com.hp.jipp.model.MediaCol;
import com.hp.jipp.model.MediaColDatabase;
import com.hp.jipp.model.PrintQuality;
import com.hp.jipp.model.Types;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.BooleanSupplier;
import org.zipthimble.core.sheet.Printing;
import org.zipthimble.core.units.Insets;
import org.zipthimble.core.units.Size;
import org.zipthimble.core.wording.Trouble;
import org.zipthimble.core.work.Stopped;

/**
 * Prints on any printer that speaks IPP 1.1 or 2.0 (RFC 8010, RFC 8011, PWG 5100.12), and reads what came out of a practice printer's
 * tray.
 */
public final class PrinterLink {
  /** The port a practice printer listens on. */
  public static final int PORT = 9118;

  private static final int VERSION = 0x0200;
  private static final int USUAL_PORT = 631;
  private static final double HUNDREDTHS = 2540;
  private static final Duration PATIENCE = Duration.ofSeconds(60);
  private static final long LOOK_AGAIN_MS = 150;
  private static final String MIRROR = "zip-thimble-mirror";
  private static final Map<String, Printing.Scaling> SCALINGS = Map.of(
      "none", Printing.Scaling.ACTUAL, "fit", Printing.Scaling.SHRINK, "auto-fit", Printing.Scaling.SHRINK, "fill", Printing.Scaling.FILL,
      "auto", Printing.Scaling.BORDERLESS);
  private static final HttpClient HTTP = HttpClient.newBuilder().version(HttpClient.Version.HTTP_1_1).connectTimeout(Duration.ofSeconds(5))
      .build();

  private PrinterLink() {}

  /**
   * A tray with paper in it.
   *
   * @param source its name
   * @param transfer whether the paper is coated for transfers
   */
  public record Ready(String source, String type, Size paper, boolean transfer) {}

  /**
   * What a printer says of itself.
   *
   * @param trays with paper; empty where it does not tell
   * @param margins that it cannot reach
   * @param usual what it does with pages where nothing is asked
   * @param scalings that can be asked for
   * @param mirror whether its own setting turns pages left for right; empty where it does not say
   * @param borderless per cent are not told by the standard; the usual of drivers is taken
   */
  public record Facts(
      URI uri, String name, boolean stopped, String words, List<Ready> trays, Insets margins, Printing.Scaling usual,
      List<Printing.Scaling> scalings, Optional<Boolean> mirror,
      List<String> formats, Optional<URI> more) {
    /** Keeps copies. */
    public Facts {
      trays = List.copyOf(trays);
      scalings = List.copyOf(scalings);
      formats = List.copyOf(formats);
    }

    /** How a page will be laid on the paper of a tray. */
    public Printing printing(Ready tray, Printing.Scaling asked) {
      Printing.Scaling scaling = scalings.contains(asked) || scalings.isEmpty() ? asked : usual;
      return new Printing(tray.paper(), margins, scaling, BORDERLESS_PERCENT, mirror.orElse(false));
    }
  }

  /** Drivers enlarge borderless pages by 1 to 3 % (common practice, no source). */
  public static final double BORDERLESS_PERCENT = 2;

  /**
   * What is asked of a printer.
   *
   * @param quality 3 draft, 4 normal, 5 best
   */
  public record PrintRequest(String name, String format, int copies, Optional<Ready> tray, Printing.Scaling scaling, int quality) {}

  /** Watches a job. */
  public interface Watch {
    /** What the printer says of it. */
    void said(String words, int sheets);

    /** Whether to take it back. */
    boolean stopped();
  }

  /** How a job ended. */
  public record Ending(int job, boolean whole, String words, int sheets) {}

  /** A sheet from a practice printer's tray: what is told of it, and the sheet itself. */
  public record Sheet(Map<String, String> told, byte[] png) {
    /** Keeps copies. */
    public Sheet {
      told = Map.copyOf(told);
      png = png.clone();
    }

    /** A figure that is told. */
    public double figure(String name) {
      return Double.parseDouble(told.getOrDefault(name, "0"));
    }

    /** How the page was laid on the paper. */
    public Printing how() {
      return new Printing(new Size(figure("paperWidth"), figure("paperHeight")),
          new Insets(figure("marginLeft"), figure("marginTop"), figure("marginRight"), figure("marginBottom")),
          Printing.Scaling.valueOf(told.get("scaling")), figure("enlarge"), Boolean.parseBoolean(told.get("mirror")));
    }
  }

  /**
   * The address of a printer as a person types it: whole, or a port on this machine.
   *
   * @throws Trouble when it is neither
   */
  public static URI address(String typed) throws Trouble {
    String plain = typed.strip();
    if (plain.matches("\\d{1,5}") && Integer.parseInt(plain) >= 1 && Integer.parseInt(plain) <= 65_535) {
      return URI.create("ipp://127.0.0.1:" + plain + "/ipp/print");
    }
    try {
      URI uri = URI.create(plain);
      if ("ipp".equals(uri.getScheme()) && uri.getHost() != null) {
        return uri;
      }
    } catch (IllegalArgumentException e) {
      throw Trouble.because(e, "printer.address", plain);
    }
    throw Trouble.of("printer.address", plain);
  }

  /** Asks a printer what it is and what lies in its trays. */
  public static Facts look(URI uri) throws Trouble {
    IppPacket answer = ask(uri, IppPacket.getPrinterAttributes(uri).build(), new byte[0]);
    AttributeGroup group = answer.get(Tag.printerAttributes);
    if (group == null) {
      throw Trouble.of("printer.odd", uri);
    }
    List<String> scalings = strings(group, "print-scaling-supported");
    Boolean mirror = group.getValue(new BooleanType(MIRROR + "-default"));
    URI more = group.getValue(Types.printerMoreInfo);
    List<Ready> trays = trays(group);
    String name = group.getString(Types.printerInfo);
    boolean stopped = strings(group, "printer-state").contains("stopped") || !strings(group, "printer-state-reasons").stream()
        .allMatch("none"::equals);
    String words = group.getString(Types.printerStateMessage);
    return new Facts(uri, name == null || name.isBlank() ? uri.toString() : name, stopped, words == null ? "" : words, trays,
        margins(group),
        SCALINGS.getOrDefault(String.valueOf(group.getString(Types.printScalingDefault)), Printing.Scaling.SHRINK),
        scalings.stream().map(SCALINGS::get).filter(s -> s != null).distinct().sorted().toList(), Optional.ofNullable(mirror),
        strings(group, "document-format-supported"), Optional.ofNullable(more));
  }

  /**
   * Asks a printer that is being started, again and again until it answers.
   *
   * @param times how often it is asked at most, 0.15 s apart
   * @param still whether it is waited for any longer
   * @throws Trouble what it said, or did not say, the last time
   */
  public static Facts started(URI uri, int times, BooleanSupplier still) throws Trouble {
    for (int i = 1; i < times && still.getAsBoolean(); i++) {
      try {
        return look(uri);
      } catch (Trouble notYet) {
        try {
          Thread.sleep(LOOK_AGAIN_MS);
        } catch (InterruptedException e) {
          Thread.currentThread().interrupt();
          throw notYet;
        }
      }
    }
    return look(uri);
  }

  private static List<String> strings(AttributeGroup group, String name) {
    Attribute<?> found = group.get(name);
    return found == null ? List.of() : found.strings();
  }

  private static List<Ready> trays(AttributeGroup group) {
    List<Ready> out = new ArrayList<>();
    List<MediaColDatabase> ready = group.getValues(Types.mediaColReady);
    for (MediaColDatabase col : ready == null ? List.<MediaColDatabase>of() : ready) {
      if (col.getMediaSize() != null && col.getMediaSize().getXDimension() != null && col.getMediaSize().getYDimension() != null) {
        String type = col.getMediaType() == null ? "" : col.getMediaType().asString();
        out.add(new Ready(col.getMediaSource() == null ? "" : col.getMediaSource().asString(), type,
            new Size(col.getMediaSize().getXDimension().getEndInclusive() / HUNDREDTHS,
            col.getMediaSize().getYDimension().getEndInclusive() / HUNDREDTHS), type.contains("transfer")));
      }
    }
    return out;
  }

  private static Insets margins(AttributeGroup group) {
    return new Insets(most(group.getValues(Types.mediaLeftMarginSupported)), most(group.getValues(Types.mediaTopMarginSupported)),
        most(group.getValues(Types.mediaRightMarginSupported)), most(group.getValues(Types.mediaBottomMarginSupported)));
  }

  private static double most(List<Integer> hundredths) {
    return hundredths == null ? Printing.USUAL_MARGIN : hundredths.stream().mapToInt(i -> i).max()
        .orElse((int) (Printing.USUAL_MARGIN * HUNDREDTHS)) / HUNDREDTHS;
  }

  /**
   * Prints a document and waits until the printer is done with it.
   *
   * @throws Trouble when no printer answers, it refuses, or it is switched off in the middle
   * @throws Stopped when the person took the job back
   */
  public static Ending print(URI uri, byte[] document, PrintRequest asked, Watch watch) throws Trouble, Stopped {
    List<Attribute<?>> wishes = new ArrayList<>();
    wishes.add(Types.copies.of(asked.copies()));
    wishes.add(Types.printQuality.of(PrintQuality.all.get(asked.quality())));
    SCALINGS.entrySet().stream().filter(e -> e.getValue() == asked.scaling() && !e.getKey().equals("auto-fit")).findFirst()
        .ifPresent(e -> wishes.add(Types.printScaling.of(e.getKey())));
    asked.tray().ifPresent(t -> {
      MediaCol col = new MediaCol();
      col.setMediaSize(new MediaCol.MediaSize((int) Math.round(t.paper().width() * HUNDREDTHS),
          (int) Math.round(t.paper().height() * HUNDREDTHS)));
      if (!t.source().isEmpty()) {
        col.setMediaSource(new KeywordOrName(t.source()));
      }
      wishes.add(Types.mediaCol.of(col));
    });
    IppPacket request = IppPacket.printJob(uri).putOperationAttributes(Types.requestingUserName.of(user()), Types.jobName.of(asked.name()),
        Types.documentFormat.of(asked.format()))
        .putJobAttributes(wishes).build();
    IppPacket answer = ask(uri, request, document);
    Integer id = answer.getValue(Tag.jobAttributes, Types.jobId);
    if (id == null) {
      throw Trouble.of("printer.refused", String.valueOf(answer.getString(Tag.operationAttributes, Types.statusMessage)));
    }
    return follow(uri, id, watch);
  }

  private static Ending follow(URI uri, int id, Watch watch) throws Trouble, Stopped {
    while (true) {
      if (watch.stopped()) {
        ask(uri, IppPacket.cancelJob(uri, id).build(), new byte[0]);
        throw new Stopped();
      }
      IppPacket answer = ask(uri, IppPacket.getJobAttributes(uri, id).build(), new byte[0]);
      JobState state = answer.getValue(Tag.jobAttributes, Types.jobState);
      Integer sheets = answer.getValue(Tag.jobAttributes, Types.jobMediaSheetsCompleted);
      String words = String.valueOf(answer.getString(Tag.jobAttributes, Types.jobStateMessage));
      int done = sheets == null ? 0 : sheets;
      watch.said(words, done);
      if (state == null || state.getCode() >= JobState.canceled.getCode()) {
        return new Ending(id, JobState.completed.equals(state), words, done);
      }
      try {
        Thread.sleep(LOOK_AGAIN_MS);
      } catch (InterruptedException e) {
        Thread.currentThread().interrupt();
        throw new Stopped();
      }
    }
  }

  private static String user() {
    return String.valueOf(System.getProperty("user.name", "person"));
  }

  private static IppPacket ask(URI uri, IppPacket request, byte[] document) throws Trouble {
    try {
      ByteArrayOutputStream body = new ByteArrayOutputStream();
      request.withAttributeGroups(request.getAttributeGroups())
          .copy(VERSION, request.getCode(), request.getRequestId(), request.getAttributeGroups()).write(body);
      body.write(document);
      URI http = URI.create("http://" + uri.getHost() + ":" + (uri.getPort() < 0 ? USUAL_PORT : uri.getPort()) + uri.getRawPath());
      HttpResponse<byte[]> answer = HTTP.send(HttpRequest.newBuilder(http).timeout(PATIENCE).header("Content-Type", "application/ipp")
          .POST(HttpRequest.BodyPublishers.ofByteArray(body.toByteArray())).build(), HttpResponse.BodyHandlers.ofByteArray());
      if (answer.statusCode() != 200) {
        throw Trouble.of("printer.odd", uri);
      }
      IppPacket packet = new IppInputStream(new ByteArrayInputStream(answer.body())).readPacket();
      if (packet.getCode() >= 0x0400) {
        String words = packet.getString(Tag.operationAttributes, Types.statusMessage);
        throw Trouble.of("printer.refused", words == null ? packet.getStatus().getName() : words);
      }
      return packet;
    } catch (IOException e) {
      throw Trouble.because(e, "printer.silent", uri);
    } catch (RuntimeException e) {
      throw Trouble.because(e, "printer.odd", uri);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw Trouble.because(e, "printer.silent", uri);
    }
  }

  /** The sheets of a job in a practice printer's output tray; none of printers that have no such tray. */
  public static List<Sheet> sheets(Facts printer, int job) throws Trouble {
    List<Sheet> out = new ArrayList<>();
    if (printer.more().isEmpty() || printer.mirror().isEmpty()) {
      return out;
    }
    for (String line : new String(get(printer, "tray"), StandardCharsets.UTF_8).split("\n")) {
      String[] parts = line.split(" ");
      if (parts.length == 3 && parts[1].equals(String.valueOf(job))) {
        out.add(sheet(printer, parts[0]));
      }
    }
    return out;
  }

  /** The sheet that lies on top of a practice printer's output tray; empty where none does. */
  public static Optional<Sheet> top(Facts printer) throws Trouble {
    if (printer.more().isEmpty() || printer.mirror().isEmpty()) {
      return Optional.empty();
    }
    String[] lines = new String(get(printer, "tray"), StandardCharsets.UTF_8).split("\n");
    String last = lines[lines.length - 1];
    return last.isBlank() ? Optional.empty() : Optional.of(sheet(printer, last.split(" ")[0]));
  }

  private static Sheet sheet(Facts printer, String number) throws Trouble {
    Map<String, String> told = new TreeMap<>();
    for (String figure : new String(get(printer, "tray/" + number + ".txt"), StandardCharsets.UTF_8).split("\n")) {
      int at = figure.indexOf('=');
      if (at > 0) {
        told.put(figure.substring(0, at), figure.substring(at + 1));
      }
    }
    return new Sheet(told, get(printer, "tray/" + number + ".png"));
  }

  private static byte[] get(Facts printer, String path) throws Trouble {
    try {
      URI uri = printer.more().orElseThrow().resolve("/" + path);
      HttpResponse<byte[]> answer = HTTP.send(HttpRequest.newBuilder(uri).timeout(PATIENCE).GET().build(),
          HttpResponse.BodyHandlers.ofByteArray());
      if (answer.statusCode() != 200) {
        throw Trouble.of("printer.noSheet", path);
      }
      return answer.body();
    } catch (IOException e) {
      throw Trouble.because(e, "printer.silent", printer.uri());
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw Trouble.because(e, "printer.silent", printer.uri());
    }
  }
}
