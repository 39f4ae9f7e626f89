package org.zipthimble.desktop.tray;

import org.zipthimble.desktop.state.Session;

/** All that puts something on the face; each thing is selected once it is there. */
public record Adders(ObjectAdder objects, PictureAdder pictures, FileAdder files, ShelfAdder shelf) {
  /** Those of a session. */
  public static Adders of(Session session) {
    ObjectAdder objects = new ObjectAdder(session);
    FileAdder files = new FileAdder(session, objects);
    return new Adders(objects, new PictureAdder(session, files), files, new ShelfAdder(session));
  }
}
