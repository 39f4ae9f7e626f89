package org.zipthimble.desktop.command;

import java.util.List;
import java.util.Optional;
import org.zipthimble.core.wording.Wording;
import org.zipthimble.desktop.state.Station;

/**
 * A part of the window that the finder leads to.
 *
 * @param key of its wording
 * @param station where it is; empty for what is there at every station
 * @param id of the part
 */
public record FinderPlace(String key, Optional<Station> station, String id) {
  /** All there are. */
  public static final List<FinderPlace> ALL = List.of(
      of("spot.bleed", "ticket-bleed"), of("spot.safe", "ticket-safe"), of("spot.ppi", "ticket-ppi"), of("spot.colour", "ticket-colour"),
      of("spot.process", "ticket-process"), of("spot.mirror", "ticket-mirror"), of("spot.size", "ticket-width"),
      of("spot.stock", "ticket-stock"),
      of("spot.quantity", "ticket-quantity"),
      at("spot.things", Station.ITEM, "item-things"), at("spot.measure", Station.ITEM, "item-measure"),
      at("spot.wall", Station.ITEM, "item-papers"),
      at("spot.gang", Station.SHEET, "sheet-gang"), at("spot.booklet", Station.SHEET, "sheet-booklet"),
      at("spot.marks", Station.SHEET, "sheet-marks"),
      at("spot.registration", Station.SHEET, "sheet-registration"), at("spot.test", Station.SHEET, "sheet-test"),
      at("spot.nest", Station.SHEET, "cut-nest"),
      at("spot.weed", Station.SHEET, "cut-weed-box"), at("spot.split", Station.SHEET, "cut-split"),
      at("spot.lanes", Station.SHEET, "lane-add"),
      at("spot.write", Station.SEND, "send-write"), at("spot.proof", Station.SEND, "send-what-proof"),
      at("spot.traveller", Station.SEND, "send-what-traveller"),
      at("spot.notebook", Station.SEND, "send-notebook"), at("spot.printer", Station.SEND, "printer-address"),
      at("spot.cutter", Station.SEND, "cutter-port"),
      at("spot.photo", Station.SEND, "send-thing-photo"), at("spot.inks", Station.CHECK, "lens-ink"),
      at("spot.range", Station.CHECK, "lens-out_of_range"),
      at("spot.load", Station.CHECK, "lens-load"));

  private static FinderPlace of(String key, String id) {
    return new FinderPlace(key, Optional.empty(), id);
  }

  private static FinderPlace at(String key, Station station, String id) {
    return new FinderPlace(key, Optional.of(station), id);
  }

  /** Its name. */
  public String title() {
    return Wording.text(key);
  }
}
