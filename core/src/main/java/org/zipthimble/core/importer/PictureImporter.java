package org.zipthimble.core.importer;

import java.util.List;
import org.zipthimble.core.picture.Pictures;
import org.zipthimble.core.wording.Trouble;

/** Pictures of pixels; what a file is its first bytes tell. */
final class PictureImporter extends Importer {
  @Override
  public List<String> endings() {
    return List.of(".png", ".jpg", ".jpeg", ".tif", ".tiff", ".gif", ".bmp", ".webp");
  }

  @Override
  public Brings brings() {
    return Brings.PICTURES;
  }

  @Override
  protected long mostBytes(Bringing how) {
    return how.pictures().bytes();
  }

  @Override
  protected String tooLarge() {
    return "picture.tooManyBytes";
  }

  @Override
  protected Brought read(String name, byte[] bytes, Bringing how) throws Trouble {
    return new Brought.Pictured(List.of(Pictures.look(name, bytes, how.pictures())));
  }
}
