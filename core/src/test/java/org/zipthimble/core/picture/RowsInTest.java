package org.zipthimble.core.picture;

import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.util.Random;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Photographs taken in by rows are, byte by byte, what the platform's reader makes of them by itself. */
class RowsInTest {
  private static byte[] photograph(int width, int height, boolean progressive) throws Exception {
    BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
    Graphics2D g = image.createGraphics();
    Random chance = new Random(20_261_130);
    for (int i = 0; i < 200; i++) {
      g.setColor(new Color(chance.nextInt(0x1000000)));
      g.fillOval(chance.nextInt(width), chance.nextInt(height), 5 + chance.nextInt(40), 5 + chance.nextInt(40));
    }
    g.dispose();
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    ImageWriter writer = ImageIO.getImageWritersByFormatName("jpeg").next();
    ImageWriteParam how = writer.getDefaultWriteParam();
    how.setProgressiveMode(progressive ? ImageWriteParam.MODE_DEFAULT : ImageWriteParam.MODE_DISABLED);
    writer.setOutput(ImageIO.createImageOutputStream(out));
    writer.write(null, new IIOImage(image, null, null), how);
    ((javax.imageio.stream.ImageOutputStream) writer.getOutput()).close();
    writer.dispose();
    return out.toByteArray();
  }

  private static ImageReader reader(byte[] jpeg) throws Exception {
    ImageReader reader = ImageIO.getImageReadersByFormatName("jpeg").next();
    reader.setInput(ImageIO.createImageInputStream(new ByteArrayInputStream(jpeg)));
    return reader;
  }

  @ParameterizedTest
  @CsvSource({"301, 203, 1, false", "301, 203, 2, false", "640, 480, 3, false", "97, 64, 7, true", "8, 8, 1, false", "1, 1, 1, false",
      "64, 500, 1, true"})
  void everyPixelIsWhatTheReaderGives(int width, int height, int step, boolean progressive) throws Exception {
    byte[] jpeg = photograph(width, height, progressive);
    ImageReadParam some = reader(jpeg).getDefaultReadParam();
    some.setSourceSubsampling(step, step, 0, 0);
    BufferedImage usual = reader(jpeg).read(0, some);
    ImageReadParam again = reader(jpeg).getDefaultReadParam();
    again.setSourceSubsampling(step, step, 0, 0);
    BufferedImage ours = RowsIn.read(reader(jpeg), again, step);
    assertEquals(BufferedImage.TYPE_3BYTE_BGR, ours.getType());
    assertEquals(usual.getWidth(), ours.getWidth());
    assertEquals(usual.getHeight(), ours.getHeight());
    assertArrayEquals(usual.getRGB(0, 0, usual.getWidth(), usual.getHeight(), null, 0, usual.getWidth()), Pixels.argb(ours));
    assertArrayEquals(Pixels.argb(usual), Pixels.argb(Pictures.untouched(Pictures.look("a.jpg", jpeg, Pictures.Limits.USUAL), step)));
  }
}
