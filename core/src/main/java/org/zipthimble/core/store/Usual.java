package org.zipthimble.core.store;

import com.fasterxml.jackson.core.JsonGenerator;
import com.fasterxml.jackson.databind.BeanDescription;
import com.fasterxml.jackson.databind.DeserializationConfig;
import com.fasterxml.jackson.databind.DeserializationContext;
import com.fasterxml.jackson.databind.JsonDeserializer;
import com.fasterxml.jackson.databind.SerializationConfig;
import com.fasterxml.jackson.databind.SerializerProvider;
import com.fasterxml.jackson.databind.deser.BeanDeserializerModifier;
import com.fasterxml.jackson.databind.deser.std.DelegatingDeserializer;
import com.fasterxml.jackson.databind.module.SimpleModule;
import com.fasterxml.jackson.databind.ser.BeanPropertyWriter;
import com.fasterxml.jackson.databind.ser.BeanSerializerModifier;
import java.util.List;
import java.util.Map;
import org.zipthimble.core.item.Cutting;
import org.zipthimble.core.item.Effects;
import org.zipthimble.core.job.FaceForm;
import org.zipthimble.core.job.Guides;
import org.zipthimble.core.job.Making;
import org.zipthimble.core.job.SizeSet;
import org.zipthimble.core.job.Under;
import org.zipthimble.core.picture.Retouch;
import org.zipthimble.core.plan.SheetMarks;
import org.zipthimble.core.plan.SheetStock;
import org.zipthimble.core.type.BlockSetting;
import org.zipthimble.core.type.LetterDetail;
import org.zipthimble.core.type.ParagraphDetail;

/**
 * Parts that most objects have in the same way: left out of the file as long as they are as usual, and so understood where they are
 * missing.
 */
final class Usual {
  private static final Map<Class<?>, Object> VALUES = Map.ofEntries(
      Map.entry(Cutting.class, Cutting.PLAIN), Map.entry(Effects.class, Effects.NONE), Map.entry(Guides.class, Guides.NONE),
      Map.entry(Retouch.class, Retouch.NONE), Map.entry(LetterDetail.class, LetterDetail.NONE),
      Map.entry(ParagraphDetail.class, ParagraphDetail.NONE),
      Map.entry(BlockSetting.class, BlockSetting.PLAIN), Map.entry(FaceForm.class, FaceForm.USUAL), Map.entry(Under.class, Under.NONE),
      Map.entry(SheetMarks.class, SheetMarks.USUAL), Map.entry(SheetStock.class, SheetStock.UNKNOWN),
      Map.entry(SizeSet.class, SizeSet.NONE),
      Map.entry(Making.class, Making.FLAT));

  private Usual() {}

  static SimpleModule module() {
    return new SimpleModule("usual").setSerializerModifier(new Writing()).setDeserializerModifier(new Reading());
  }

  private static final class Writing extends BeanSerializerModifier {
    private static final long serialVersionUID = 1;

    @Override
    public List<BeanPropertyWriter> changeProperties(SerializationConfig config, BeanDescription bean, List<BeanPropertyWriter> all) {
      all.replaceAll(w -> VALUES.containsKey(w.getType().getRawClass()) ? new Writer(w, VALUES.get(w.getType().getRawClass())) : w);
      return all;
    }
  }

  private static final class Writer extends BeanPropertyWriter {
    private static final long serialVersionUID = 1;

    private final transient Object usual;

    Writer(BeanPropertyWriter base, Object usual) {
      super(base);
      this.usual = usual;
    }

    @Override
    public void serializeAsField(Object bean, JsonGenerator out, SerializerProvider provider) throws Exception {
      if (!usual.equals(get(bean))) {
        super.serializeAsField(bean, out, provider);
      }
    }
  }

  private static final class Reading extends BeanDeserializerModifier {
    private static final long serialVersionUID = 1;

    @Override
    public JsonDeserializer<?> modifyDeserializer(DeserializationConfig config, BeanDescription bean, JsonDeserializer<?> reader) {
      Object usual = VALUES.get(bean.getBeanClass());
      return usual == null ? reader : new Reader(reader, usual);
    }
  }

  private static final class Reader extends DelegatingDeserializer {
    private static final long serialVersionUID = 1;

    private final transient Object usual;

    Reader(JsonDeserializer<?> reader, Object usual) {
      super(reader);
      this.usual = usual;
    }

    @Override
    protected JsonDeserializer<?> newDelegatingInstance(JsonDeserializer<?> reader) {
      return new Reader(reader, usual);
    }

    @Override
    public Object getAbsentValue(DeserializationContext context) {
      return usual;
    }
  }
}
