package org.zipthimble.core.store;

import com.fasterxml.jackson.core.JsonGenerator;
import com.fasterxml.jackson.core.JsonParser;
import com.fasterxml.jackson.databind.DeserializationContext;
import com.fasterxml.jackson.databind.JsonMappingException;
import com.fasterxml.jackson.databind.SerializerProvider;
import com.fasterxml.jackson.databind.deser.std.StdDeserializer;
import com.fasterxml.jackson.databind.module.SimpleModule;
import com.fasterxml.jackson.databind.ser.std.StdSerializer;
import java.io.IOException;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.Locale;
import java.util.Map;
import java.util.function.Function;
import org.zipthimble.core.colour.Colour;
import org.zipthimble.core.colour.Profile;
import org.zipthimble.core.geom.Path;
import org.zipthimble.core.geom.PathText;
import org.zipthimble.core.wording.Trouble;

/** Values that stand in JSON as one text. */
final class Texts {
  /** Under this name a reader is told the profiles of a job, by where they stand in its file. */
  static final String PROFILES = "profiles";

  private Texts() {}

  /** Reads a value from its text. */
  private interface FromText<T> {
    T read(String text, DeserializationContext context) throws Trouble, IOException;
  }

  static SimpleModule module() {
    SimpleModule module = new SimpleModule("texts");
    text(module, Colour.class, Colour::hex, (text, context) -> Colour.parse(text));
    text(module, Path.class, PathText::write, (text, context) -> PathText.read(text));
    text(module, java.nio.file.Path.class, java.nio.file.Path::toString, (text, context) -> java.nio.file.Path.of(text));
    text(module, LocalDate.class, LocalDate::toString, (text, context) -> day(text));
    text(module, Profile.class, JobDocument::file, Texts::profile);
    module.addSerializer(new ToText<>(Enum.class, e -> e.name().toLowerCase(Locale.ROOT)));
    return module;
  }

  private static LocalDate day(String text) throws Trouble {
    try {
      return LocalDate.parse(text);
    } catch (DateTimeParseException e) {
      throw Trouble.because(e, "thimble.unknownWord", "day", text);
    }
  }

  private static Profile profile(String file, DeserializationContext context) throws Trouble {
    Object all = context.getAttribute(PROFILES);
    Object profile = all == null ? null : ((Map<?, ?>) all).get(file);
    if (profile == null) {
      throw Trouble.of("thimble.missing", file);
    }
    return (Profile) profile;
  }

  private static <T> void text(SimpleModule module, Class<T> type, Function<T, String> write, FromText<T> read) {
    module.addSerializer(new ToText<>(type, write));
    module.addDeserializer(type, new OfText<>(type, read));
  }

  private static final class ToText<T> extends StdSerializer<T> {
    private static final long serialVersionUID = 1;

    private final transient Function<? super T, String> write;

    ToText(Class<T> type, Function<? super T, String> write) {
      super(type);
      this.write = write;
    }

    @Override
    public void serialize(T value, JsonGenerator out, SerializerProvider provider) throws IOException {
      out.writeString(write.apply(value));
    }
  }

  private static final class OfText<T> extends StdDeserializer<T> {
    private static final long serialVersionUID = 1;

    private final transient FromText<T> read;

    OfText(Class<T> type, FromText<T> read) {
      super(type);
      this.read = read;
    }

    @Override
    public T deserialize(JsonParser in, DeserializationContext context) throws IOException {
      String text = in.getValueAsString();
      if (text == null || !in.currentToken().isScalarValue() || in.currentToken().isNumeric()) {
        return handledType().cast(context.handleUnexpectedToken(handledType(), in));
      }
      try {
        return read.read(text, context);
      } catch (Trouble unreadable) {
        throw new JsonMappingException(in, unreadable.getMessage(), unreadable);
      }
    }

    @Override
    @SuppressWarnings("unchecked")
    public Class<T> handledType() {
      return (Class<T>) super.handledType();
    }
  }
}
