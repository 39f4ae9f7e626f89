package org.zipthimble.practice.printer;

import com.hp.jipp.encoding.Attribute;
import com.hp.jipp.encoding.AttributeGroup;
import com.hp.jipp.encoding.BooleanType;
import com.hp.jipp.encoding.IntOrIntRange;
import com.hp.jipp.encoding.IppPacket;
import com.hp.jipp.encoding.KeywordOrName;
import com.hp.jipp.encoding.Resolution;
import com.hp.jipp.encoding.ResolutionUnit;
import com.hp.jipp.encoding.Tag;
import com.hp.jipp.model.Finishing;
import com.hp.jipp.model.JobState;
import com.hp.jipp.model.MediaCol;
import com.hp.jipp.model.MediaColDatabase;
import com.hp.jipp.model.MediaSizeSupported;
import com.hp.jipp.model.Operation;
import com.hp.jipp.model.Orientation;
import com.hp.jipp.model.PrintQuality;
import com.hp.jipp.model.PrinterState;
import com.hp.jipp.model.Status;
import com.hp.jipp.model.Types;
import java.net.URI;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import kotlin.ranges.IntRange;
import org.zipthimble.core.sheet.Printing;
import org.zipthimble.core.units.Size;
import org.zipthimble.core.wording.Wording;

/**
 * The desk of a practice printer: it reads requests and answers them as RFC 8010 and 8011 (IPP/1.1) and PWG 5100.12 (IPP/2.0) ask. Media
 * sizes are in hundredths of a millimetre (PWG 5100.3). Of what is not standard it knows one attribute, whether it turns pages left for
 * right.
 */
final class PrinterDesk {
  /** Whether the printer turns pages left for right; as a default in its description, and as a wish of a job. */
  static final String MIRROR = "zip-thimble-mirror";

  private static final BooleanType MIRRORS = new BooleanType(MIRROR);
  private static final BooleanType MIRRORS_USUALLY = new BooleanType(MIRROR + "-default");
  private static final double HUNDREDTHS = 2540;
  private static final List<String> FORMATS = List.of("application/pdf", "image/jpeg", "image/png", "application/octet-stream");
  private static final Map<Printing.Scaling, String> SCALINGS = Map.of(
      Printing.Scaling.ACTUAL, "none", Printing.Scaling.SHRINK, "fit", Printing.Scaling.FILL, "fill", Printing.Scaling.BORDERLESS, "auto");
  private static final Map<Integer, Double> QUALITIES = Map.of(3, 150.0, 4, 300.0, 5, 600.0);
  private static final Set<Operation> KNOWN = Set.of(Operation.printJob, Operation.validateJob, Operation.createJob,
      Operation.sendDocument, Operation.cancelJob,
      Operation.getJobAttributes, Operation.getJobs, Operation.getPrinterAttributes);
  private static final Set<String> JOB_TEMPLATE = Set.of("copies", "finishings", "media", "media-col", "orientation-requested",
      "output-bin", "print-quality", "print-scaling",
      "printer-resolution", "sides", "multiple-document-handling", "print-color-mode", MIRROR);

  private final Printer printer;
  private final URI uri;
  private final URI more;

  PrinterDesk(Printer printer, int port) {
    this.printer = printer;
    this.uri = URI.create("ipp://127.0.0.1:" + port + "/ipp/print");
    this.more = URI.create("http://127.0.0.1:" + port + "/");
  }

  /** A request that cannot be met. */
  private static final class Refused extends Exception {
    private static final long serialVersionUID = 1;

    private final transient Status status;

    Refused(Status status, String words) {
      super(words);
      this.status = status;
    }
  }

  /** Answers a request with the document that came behind it. */
  IppPacket answer(IppPacket request, byte[] document) {
    try {
      sound(request);
      return answered(request, document);
    } catch (Refused e) {
      return reply(request, e.status, e.getMessage());
    }
  }

  /** The order of checks is that of RFC 8011, 4.1: version, request id, operation, charset and language first, then the target. */
  private static void sound(IppPacket request) throws Refused {
    int major = request.getVersionNumber() >> 8;
    if (major != 1 && major != 2) {
      throw new Refused(Status.serverErrorVersionNotSupported, "versions 1.1 and 2.0 are spoken here");
    }
    if (request.getRequestId() < 1) {
      throw new Refused(Status.clientErrorBadRequest, "a request id is above zero");
    }
    AttributeGroup operation = request.getAttributeGroups().isEmpty() ? null : request.getAttributeGroups().get(0);
    if (operation == null || !operation.getTag().equals(Tag.operationAttributes) || operation.size() < 2 || !operation.get(0).getName()
        .equals("attributes-charset")
        || !operation.get(1).getName().equals("attributes-natural-language")) {
      throw new Refused(Status.clientErrorBadRequest, "charset and natural language come first");
    }
    String charset = String.valueOf(operation.get(0).getValue()).toLowerCase(Locale.ROOT);
    if (!charset.contains("utf-8") && !charset.contains("us-ascii")) {
      throw new Refused(Status.clientErrorCharsetNotSupported, "utf-8 is spoken here");
    }
    if (!KNOWN.contains(request.getOperation())) {
      throw new Refused(Status.serverErrorOperationNotSupported, "this operation is not known here");
    }
    boolean job = request.getValue(Tag.operationAttributes, Types.jobUri) != null;
    if (request.getValue(Tag.operationAttributes, Types.printerUri) == null && !job) {
      throw new Refused(Status.clientErrorBadRequest, "a printer-uri is needed");
    }
  }

  private IppPacket answered(IppPacket request, byte[] document) throws Refused {
    Operation what = request.getOperation();
    if (what.equals(Operation.getPrinterAttributes)) {
      return described(request);
    }
    if (what.equals(Operation.getJobs)) {
      return jobs(request);
    }
    if (what.equals(Operation.validateJob)) {
      wish(request);
      return reply(request, Status.successfulOk, "");
    }
    if (what.equals(Operation.printJob)) {
      return printed(request, document);
    }
    if (what.equals(Operation.createJob)) {
      Printer.Seen job = created(wish(request));
      return told(request, job, Set.of());
    }
    Printer.Seen job = job(request);
    if (what.equals(Operation.sendDocument)) {
      return documented(request, job, document);
    }
    if (what.equals(Operation.cancelJob)) {
      if (!printer.cancel(job.id())) {
        throw new Refused(Status.clientErrorNotPossible, "the job is over");
      }
      return reply(request, Status.successfulOk, "");
    }
    return told(request, job, wanted(request));
  }

  private IppPacket printed(IppPacket request, byte[] document) throws Refused {
    Wish wish = wish(request);
    if (document.length == 0) {
      throw new Refused(Status.clientErrorBadRequest, "there is no document");
    }
    Printer.Seen job = created(wish);
    printer.document(job.id(), wish.format(), document);
    return told(request, printer.job(job.id()).orElse(job), Set.of());
  }

  private IppPacket documented(IppPacket request, Printer.Seen job, byte[] document) throws Refused {
    Boolean last = request.getValue(Tag.operationAttributes, Types.lastDocument);
    if (last == null) {
      throw new Refused(Status.clientErrorBadRequest, "last-document is needed");
    }
    if (document.length == 0 && last) {
      return told(request, job, Set.of());
    }
    if (!printer.document(job.id(), format(request), document)) {
      throw new Refused(Status.serverErrorMultipleDocumentJobsNotSupported, "one document a job");
    }
    return told(request, printer.job(job.id()).orElse(job), Set.of());
  }

  private Printer.Seen created(Wish wish) throws Refused {
    return printer.create(wish).orElseThrow(() -> new Refused(Status.serverErrorBusy, "too many jobs wait"));
  }

  private Printer.Seen job(IppPacket request) throws Refused {
    Integer id = request.getValue(Tag.operationAttributes, Types.jobId);
    URI job = request.getValue(Tag.operationAttributes, Types.jobUri);
    if (id == null && job != null) {
      String path = String.valueOf(job.getPath());
      String number = path.substring(path.lastIndexOf('/') + 1);
      id = number.matches("\\d{1,9}") ? Integer.valueOf(number) : null;
    }
    if (id == null) {
      throw new Refused(Status.clientErrorBadRequest, "which job?");
    }
    return printer.job(id).orElseThrow(() -> new Refused(Status.clientErrorNotFound, "no such job"));
  }

  private static String format(IppPacket request) throws Refused {
    String format = request.getString(Tag.operationAttributes, Types.documentFormat);
    String plain = format == null ? "application/octet-stream" : format.toLowerCase(Locale.ROOT);
    if (!FORMATS.contains(plain)) {
      throw new Refused(Status.clientErrorDocumentFormatNotSupported,
          "no printer for " + (plain.length() > 60 ? plain.substring(0, 60) : plain));
    }
    return plain;
  }

  private Wish wish(IppPacket request) throws Refused {
    String name = text(request, "job-name").or(() -> text(request, "document-name")).orElse("untitled");
    String user = text(request, "requesting-user-name").orElse("anonymous");
    String compression = request.getString(Tag.operationAttributes, Types.compression);
    if (compression != null && !compression.equals("none")) {
      throw new Refused(Status.clientErrorCompressionNotSupported, "documents come as they are");
    }
    String format = format(request);
    AttributeGroup asked = request.get(Tag.jobAttributes);
    if (asked == null) {
      return new Wish(name, user, format, 1, Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty());
    }
    Integer copies = asked.getValue(Types.copies);
    if (copies != null && (copies < 1 || copies > Wish.MOST_COPIES)) {
      throw new Refused(Status.clientErrorAttributesOrValuesNotSupported, "copies are 1 to " + Wish.MOST_COPIES);
    }
    String scaling = asked.getString(Types.printScaling);
    PrintQuality quality = asked.getValue(Types.printQuality);
    MediaCol col = asked.getValue(Types.mediaCol);
    return new Wish(name, user, format, copies == null ? 1 : copies, paper(asked, col),
        Optional.ofNullable(col).map(MediaCol::getMediaSource).map(KeywordOrName::asString),
        SCALINGS.entrySet().stream().filter(e -> e.getValue().equals(scaling)).map(Map.Entry::getKey).findFirst(),
        Optional.ofNullable(asked.getValue(MIRRORS)),
        Optional.ofNullable(quality).map(q -> QUALITIES.get(q.getCode())));
  }

  private static Optional<Size> paper(AttributeGroup asked, MediaCol col) {
    if (col != null && col.getMediaSize() != null && col.getMediaSize().getXDimension() != null && col.getMediaSize()
        .getYDimension() != null) {
      double x = col.getMediaSize().getXDimension() / HUNDREDTHS;
      double y = col.getMediaSize().getYDimension() / HUNDREDTHS;
      return x > 0 && y > 0 ? Optional.of(new Size(x, y)) : Optional.empty();
    }
    String media = asked.getString(Types.media);
    return Arrays.stream(Tray.Paper.values()).filter(p -> p.keyword().equals(media)).map(Tray.Paper::size).findFirst();
  }

  private static Optional<String> text(IppPacket request, String name) {
    AttributeGroup operation = request.get(Tag.operationAttributes);
    Attribute<?> found = operation == null ? null : operation.get(name);
    return found == null || found.isEmpty() ? Optional.empty() : found.strings().stream().findFirst()
        .map(s -> s.length() > 120 ? s.substring(0, 120) : s);
  }

  private static Set<String> wanted(IppPacket request) {
    List<String> names = request.getStrings(Tag.operationAttributes, Types.requestedAttributes);
    return names == null || names.isEmpty() ? Set.of("all") : new TreeSet<>(names);
  }

  private IppPacket described(IppPacket request) throws Refused {
    Set<String> wanted = wanted(request);
    String format = request.getString(Tag.operationAttributes, Types.documentFormat);
    if (format != null) {
      format(request);
    }
    List<Attribute<?>> all = attributes();
    List<Attribute<?>> chosen = all.stream().filter(a -> asked(a.getName(), wanted)).toList();
    return new IppPacket(request.getVersionNumber(), Status.successfulOk.getCode(), request.getRequestId(), operation(""),
        AttributeGroup.groupOf(Tag.printerAttributes, chosen));
  }

  private static boolean asked(String name, Set<String> wanted) {
    boolean template = JOB_TEMPLATE.stream().anyMatch(t -> name.equals(t + "-default") || name.equals(t + "-supported")
        || name.equals(t + "-ready"));
    if (name.equals("media-col-database")) {
      return wanted.contains(name);
    }
    return wanted.contains("all") || wanted.contains(name) || wanted.contains("job-template") && template
        || wanted.contains("printer-description") && !template;
  }

  private List<Attribute<?>> attributes() {
    PrinterSetup setup = printer.setup();
    List<Attribute<?>> out = new ArrayList<>();
    out.add(Types.printerUriSupported.of(uri));
    out.add(Types.uriSecuritySupported.of("none"));
    out.add(Types.uriAuthenticationSupported.of("requesting-user-name"));
    out.add(Types.printerName.of("practice-printer"));
    out.add(Types.printerInfo.of(Wording.text("printer.info")));
    out.add(Types.printerLocation.of(Wording.text("printer.location")));
    out.add(Types.printerMakeAndModel.of(Wording.text("printer.model")));
    out.add(Types.printerMoreInfo.of(more));
    boolean stopped = printer.trouble() != Printer.Trouble.NONE;
    out.add(Types.printerState.of(stopped ? PrinterState.stopped : printer.busy() ? PrinterState.processing : PrinterState.idle));
    out.add(Types.printerStateReasons.of(printer.trouble().keyword()));
    out.add(Types.printerStateMessage.of(printer.words().isEmpty() ? Wording.text("printer.idle") : printer.words()));
    out.add(Types.printerIsAcceptingJobs.of(true));
    out.add(Types.printerUpTime.of(printer.upTime()));
    out.add(Types.queuedJobCount.of(printer.queued()));
    out.add(Types.ippVersionsSupported.of("1.1", "2.0"));
    out.add(Types.operationsSupported.of(KNOWN.stream().sorted((a, b) -> a.getCode() - b.getCode()).toList()));
    out.add(Types.charsetConfigured.of("utf-8"));
    out.add(Types.charsetSupported.of("utf-8"));
    out.add(Types.naturalLanguageConfigured.of("en"));
    out.add(Types.generatedNaturalLanguageSupported.of("en"));
    out.add(Types.documentFormatDefault.of("application/pdf"));
    out.add(Types.documentFormatSupported.of(FORMATS));
    out.add(Types.pdlOverrideSupported.of("attempted"));
    out.add(Types.compressionSupported.of("none"));
    out.add(Types.colorSupported.of(true));
    out.add(Types.pagesPerMinute.of(rate(setup)));
    out.add(Types.pagesPerMinuteColor.of(rate(setup)));
    out.add(Types.multipleDocumentJobsSupported.of(false));
    out.add(Types.multipleOperationTimeOut.of(60));
    template(out, setup);
    media(out, setup);
    return out;
  }

  private static int rate(PrinterSetup setup) {
    return setup.pace() <= 0 ? 60 : (int) Math.max(1, Math.round(60 / setup.pace()));
  }

  private void template(List<Attribute<?>> out, PrinterSetup setup) {
    out.add(Types.copiesDefault.of(1));
    out.add(Types.copiesSupported.of(new IntRange(1, Wish.MOST_COPIES)));
    out.add(Types.finishingsDefault.of(Finishing.none));
    out.add(Types.finishingsSupported.of(Finishing.none));
    out.add(Types.orientationRequestedDefault.of(Orientation.portrait));
    out.add(Types.orientationRequestedSupported.of(Orientation.portrait, Orientation.landscape));
    out.add(Types.outputBinDefault.of("face-up"));
    out.add(Types.outputBinSupported.of("face-up"));
    out.add(Types.printQualityDefault.of(PrintQuality.normal));
    out.add(Types.printQualitySupported.of(PrintQuality.draft, PrintQuality.normal, PrintQuality.high));
    Resolution usual = new Resolution((int) setup.ppi(), (int) setup.ppi(), ResolutionUnit.dotsPerInch);
    out.add(Types.printerResolutionDefault.of(usual));
    out.add(Types.printerResolutionSupported.of(List.of(150, 300, 600).stream().map(r -> new Resolution(r, r, ResolutionUnit.dotsPerInch))
        .toList()));
    out.add(Types.sidesDefault.of("one-sided"));
    out.add(Types.sidesSupported.of("one-sided"));
    out.add(Types.printScalingDefault.of(SCALINGS.get(setup.scaling())));
    // a driver that is left on its own setting says so by knowing no other
    out.add(Types.printScalingSupported.of(setup.override() ? List.of(SCALINGS.get(setup.scaling())) : SCALINGS.values().stream().sorted()
        .toList()));
    out.add(Types.printColorModeDefault.of("color"));
    out.add(Types.printColorModeSupported.of("color"));
    out.add(MIRRORS_USUALLY.of(setup.mirror()));
  }

  private void media(List<Attribute<?>> out, PrinterSetup setup) {
    Tray first = setup.trays().get(0);
    List<String> all = Arrays.stream(Tray.Paper.values()).map(Tray.Paper::keyword).toList();
    List<KeywordOrName> ready = setup.trays().stream().filter(t -> t.sheets() > 0)
        .map(t -> new KeywordOrName(Tray.Paper.of(t.paper()).keyword())).distinct().toList();
    out.add(Types.mediaDefault.of(Tray.Paper.of(first.paper()).keyword()));
    out.add(Types.mediaSupported.of(all.stream().map(KeywordOrName::new).toList()));
    if (!ready.isEmpty()) {
      out.add(Types.mediaReady.of(ready));
    }
    out.add(Types.mediaColSupported.of("media-size", "media-source", "media-type", "media-bottom-margin", "media-left-margin",
        "media-right-margin", "media-top-margin"));
    out.add(Types.mediaSizeSupported.of(Arrays.stream(Tray.Paper.values())
        .map(p -> new MediaSizeSupported(new IntOrIntRange(hundredths(p.size().width())),
        new IntOrIntRange(hundredths(p.size().height())))).toList()));
    out.add(Types.mediaSourceSupported.of(setup.trays().stream().map(t -> new KeywordOrName(t.name())).toList()));
    out.add(Types.mediaTypeSupported.of(Arrays.stream(PaperKind.values()).map(k -> new KeywordOrName(k.keyword())).toList()));
    out.add(Types.mediaLeftMarginSupported.of(0, hundredths(setup.margins().left())));
    out.add(Types.mediaRightMarginSupported.of(0, hundredths(setup.margins().right())));
    out.add(Types.mediaTopMarginSupported.of(0, hundredths(setup.margins().top())));
    out.add(Types.mediaBottomMarginSupported.of(0, hundredths(setup.margins().bottom())));
    out.add(Types.mediaColDefault.of(col(first, setup)));
    List<MediaColDatabase> trays = setup.trays().stream().map(t -> database(t, setup)).toList();
    out.add(Types.mediaColReady.of(trays));
    out.add(Types.mediaColDatabase.of(trays));
  }

  private static int hundredths(double inches) {
    return (int) Math.round(inches * HUNDREDTHS);
  }

  private static MediaCol col(Tray tray, PrinterSetup setup) {
    MediaCol col = new MediaCol();
    col.setMediaSize(new MediaCol.MediaSize(hundredths(tray.paper().width()), hundredths(tray.paper().height())));
    col.setMediaSource(new KeywordOrName(tray.name()));
    col.setMediaType(new KeywordOrName(tray.kind().keyword()));
    col.setMediaLeftMargin(hundredths(setup.margins().left()));
    col.setMediaRightMargin(hundredths(setup.margins().right()));
    col.setMediaTopMargin(hundredths(setup.margins().top()));
    col.setMediaBottomMargin(hundredths(setup.margins().bottom()));
    return col;
  }

  private static MediaColDatabase database(Tray tray, PrinterSetup setup) {
    MediaColDatabase col = new MediaColDatabase();
    col.setMediaSize(new MediaColDatabase.MediaSize(new IntOrIntRange(hundredths(tray.paper().width())),
        new IntOrIntRange(hundredths(tray.paper().height()))));
    col.setMediaSource(new KeywordOrName(tray.name()));
    col.setMediaType(new KeywordOrName(tray.kind().keyword()));
    col.setMediaLeftMargin(hundredths(setup.margins().left()));
    col.setMediaRightMargin(hundredths(setup.margins().right()));
    col.setMediaTopMargin(hundredths(setup.margins().top()));
    col.setMediaBottomMargin(hundredths(setup.margins().bottom()));
    return col;
  }

  private IppPacket jobs(IppPacket request) throws Refused {
    String which = request.getString(Tag.operationAttributes, Types.whichJobs);
    if (which != null && !which.equals("completed") && !which.equals("not-completed")) {
      throw new Refused(Status.clientErrorAttributesOrValuesNotSupported, "which-jobs is completed or not-completed");
    }
    boolean over = "completed".equals(which);
    Boolean mine = request.getValue(Tag.operationAttributes, Types.myJobs);
    String user = text(request, "requesting-user-name").orElse("");
    Integer limit = request.getValue(Tag.operationAttributes, Types.limit);
    Set<String> wanted = request.getStrings(Tag.operationAttributes, Types.requestedAttributes).isEmpty() ? Set.of("job-id", "job-uri")
        : wanted(request);
    List<AttributeGroup> groups = new ArrayList<>(List.of(operation("")));
    List<Printer.Seen> all = new ArrayList<>(printer.jobs());
    if (over) {
      java.util.Collections.reverse(all);
    }
    all.stream().filter(j -> j.state().over() == over).filter(j -> mine == null || !mine || j.wish().user().equals(user))
        .limit(limit == null || limit < 1 ? Integer.MAX_VALUE : limit)
        .forEach(j -> groups.add(
        AttributeGroup.groupOf(Tag.jobAttributes, attributes(j).stream().filter(a -> wanted(a.getName(), wanted)).toList())));
    return new IppPacket(request.getVersionNumber(), Status.successfulOk.getCode(), request.getRequestId(), groups);
  }

  private static boolean wanted(String name, Set<String> wanted) {
    boolean template = JOB_TEMPLATE.contains(name);
    return wanted.contains("all") || wanted.contains(name) || wanted.contains("job-template") && template
        || wanted.contains("job-description") && !template;
  }

  private IppPacket told(IppPacket request, Printer.Seen job, Set<String> wanted) {
    Set<String> names = wanted.isEmpty() ? Set.of("job-id", "job-uri", "job-state", "job-state-reasons", "job-state-message") : wanted;
    List<Attribute<?>> chosen = attributes(job).stream().filter(a -> wanted(a.getName(), names)).toList();
    return new IppPacket(request.getVersionNumber(), Status.successfulOk.getCode(), request.getRequestId(), operation(""),
        AttributeGroup.groupOf(Tag.jobAttributes, chosen));
  }

  private List<Attribute<?>> attributes(Printer.Seen job) {
    List<Attribute<?>> out = new ArrayList<>();
    out.add(Types.jobId.of(job.id()));
    out.add(Types.jobUri.of(URI.create(uri.toString().replace("/ipp/print", "/ipp/print/" + job.id()))));
    out.add(Types.jobPrinterUri.of(uri));
    out.add(Types.jobName.of(job.wish().name()));
    out.add(Types.jobOriginatingUserName.of(job.wish().user()));
    out.add(Types.jobState.of(JobState.all.get(job.state().code())));
    out.add(Types.jobStateReasons.of(reason(job)));
    out.add(Types.jobStateMessage.of(job.words().isEmpty() ? Wording.text("printer.job." + job.state().name().toLowerCase(Locale.ROOT))
        : job.words()));
    out.add(Types.timeAtCreation.of(job.created()));
    out.add(job.begun() < 0 ? Types.timeAtProcessing.noValue() : Types.timeAtProcessing.of(job.begun()));
    out.add(job.ended() < 0 ? Types.timeAtCompleted.noValue() : Types.timeAtCompleted.of(job.ended()));
    out.add(Types.jobPrinterUpTime.of(printer.upTime()));
    out.add(Types.jobKOctets.of((job.bytes() + 1023) / 1024));
    out.add(Types.jobImpressionsCompleted.of(job.done()));
    out.add(Types.jobMediaSheetsCompleted.of(job.done()));
    out.add(Types.numberOfDocuments.of(job.bytes() > 0 ? 1 : 0));
    out.add(Types.copies.of(job.wish().copies()));
    return out;
  }

  private String reason(Printer.Seen job) {
    return switch (job.state()) {
      case PENDING -> job.bytes() == 0 ? "job-incoming" : "none";
      case PROCESSING -> "job-printing";
      case STOPPED -> "printer-stopped";
      case CANCELED -> "job-canceled-by-user";
      case ABORTED -> "document-format-error";
      case COMPLETED -> "job-completed-successfully";
    };
  }

  private static AttributeGroup operation(String words) {
    List<Attribute<?>> out = new ArrayList<>(List.of(Types.attributesCharset.of("utf-8"), Types.attributesNaturalLanguage.of("en")));
    if (!words.isEmpty()) {
      out.add(Types.statusMessage.of(words));
    }
    return AttributeGroup.groupOf(Tag.operationAttributes, out);
  }

  private static IppPacket reply(IppPacket request, Status status, String words) {
    int version = request.getVersionNumber() >> 8 == 1 || request.getVersionNumber() >> 8 == 2 ? request.getVersionNumber() : 0x0101;
    return new IppPacket(version, status.getCode(), request.getRequestId(), operation(words));
  }
}
