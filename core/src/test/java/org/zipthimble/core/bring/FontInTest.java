package org.zipthimble.core.bring;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.io.ByteArrayInputStream;
import java.nio.ByteBuffer;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.zipthimble.core.Made;
import org.zipthimble.core.font.BundledFonts;
import org.zipthimble.core.job.CarriedFont;
import org.zipthimble.core.job.Job;
import org.zipthimble.core.job.JobFonts;
import org.zipthimble.core.store.ThimbleFile;
import org.zipthimble.core.wording.Trouble;

/** Fonts from files: usable at once, carried by the job, refused where their maker does not allow it. */
class FontInTest {
  private static byte[] bytes(String file) throws Exception {
    return BundledFonts.open(file).readAllBytes();
  }

  /** The font under another family, so that it is not one of ours: the name table's “Caveat” becomes “Cavern”, of the same length. */
  private static byte[] renamed() throws Exception {
    byte[] font = bytes("Caveat_400Regular.ttf");
    byte[][] names = {"Caveat".getBytes("UTF-16BE"), "Cavern".getBytes("UTF-16BE")};
    for (int i = 0; i + names[0].length <= font.length; i++) {
      boolean here = true;
      for (int k = 0; k < names[0].length && here; k++) {
        here = font[i + k] == names[0][k];
      }
      if (here) {
        System.arraycopy(names[1], 0, font, i, names[1].length);
      }
    }
    return font;
  }

  @Test
  void aFontIsCarriedAndUsableAtOnce() throws Exception {
    CarriedFont font = FontIn.read("cavern.ttf", renamed());
    assertEquals("Cavern", font.family());
    Job job = FontIn.carry(font).change().apply(Made.card());
    assertTrue(new JobFonts(job).families().contains("Cavern"));
    assertTrue(new JobFonts(job).find("Cavern", font.style()).isPresent());
    assertEquals(1, FontIn.carry(font).change().apply(job).fonts().size(), "brought twice it is there once");
    Job again = ThimbleFile.read("job", new ByteArrayInputStream(ThimbleFile.bytes(job)));
    assertTrue(new JobFonts(again).families().contains("Cavern"), "it opens on a machine without the font");
  }

  /** fsType 2 of the OS/2 table: restricted licence embedding (OpenType specification 1.9). */
  @Test
  void aFontThatMayNotBeEmbeddedIsRefused() throws Exception {
    byte[] font = bytes("Caveat_400Regular.ttf");
    ByteBuffer file = ByteBuffer.wrap(font);
    for (int i = 0; i < file.getShort(4); i++) {
      int record = 12 + 16 * i;
      if (file.getInt(record) == 0x4F532F32) {
        file.putShort(file.getInt(record + 8) + 8, (short) 2);
      }
    }
    String told = assertThrows(Trouble.class, () -> FontIn.read("mine.ttf", font)).getMessage();
    assertTrue(told.contains("mine.ttf") && told.contains("does not allow"), told);
  }

  /** Damaged fonts: a sentence or a font that works; the seed is fixed. */
  @Test
  void damagedFontsAreToldOrUsable() throws Exception {
    byte[] sound = bytes("Figtree_400Regular.ttf");
    Random random = new Random(20261128);
    for (int i = 0; i < 150; i++) {
      byte[] font = sound.clone();
      for (int k = 0; k < 1 + random.nextInt(30); k++) {
        font[random.nextInt(random.nextBoolean() ? 400 : font.length)] = (byte) random.nextInt(256);
      }
      byte[] cut = random.nextInt(5) == 0 ? java.util.Arrays.copyOf(font, random.nextInt(font.length)) : font;
      try {
        FontIn.read("damaged.ttf", cut);
      } catch (Trouble told) {
        assertTrue(told.getMessage().contains("damaged.ttf") || told.getMessage().length() > 20, told.getMessage());
      }
    }
  }

  @Test
  void whatIsNoFontIsTold() {
    assertThrows(Trouble.class, () -> FontIn.read("x.ttf", new byte[] {1, 2, 3}));
  }
}
