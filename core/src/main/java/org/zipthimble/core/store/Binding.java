package org.zipthimble.core.store;

import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonFormat;
import com.fasterxml.jackson.annotation.JsonIgnore;
import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonProperty;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import com.fasterxml.jackson.annotation.JsonValue;
import com.fasterxml.jackson.core.JsonFactory;
import com.fasterxml.jackson.core.StreamReadConstraints;
import com.fasterxml.jackson.core.StreamReadFeature;
import com.fasterxml.jackson.databind.DeserializationFeature;
import com.fasterxml.jackson.databind.MapperFeature;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.cfg.CoercionAction;
import com.fasterxml.jackson.databind.cfg.CoercionInputShape;
import com.fasterxml.jackson.databind.json.JsonMapper;
import com.fasterxml.jackson.databind.type.LogicalType;
import com.fasterxml.jackson.datatype.jdk8.Jdk8Module;
import java.util.List;
import java.util.Map;
import org.zipthimble.core.colour.Ink;
import org.zipthimble.core.geom.Box;
import org.zipthimble.core.geom.Point;
import org.zipthimble.core.item.Effect;
import org.zipthimble.core.item.Effects;
import org.zipthimble.core.item.FillStyle;
import org.zipthimble.core.item.Item;
import org.zipthimble.core.item.ItemGroup;
import org.zipthimble.core.item.ItemPhoto;
import org.zipthimble.core.item.ItemShape;
import org.zipthimble.core.item.ItemWords;
import org.zipthimble.core.item.LiveEffect;
import org.zipthimble.core.item.Outline;
import org.zipthimble.core.item.Pattern;
import org.zipthimble.core.shape.ReadyForm;
import org.zipthimble.core.thing.Body;
import org.zipthimble.core.thing.Cloth;
import org.zipthimble.core.thing.Cup;
import org.zipthimble.core.thing.Disc;
import org.zipthimble.core.thing.Framed;
import org.zipthimble.core.thing.Panel;

/**
 * How values of the model are bound to JSON: by the names of their components, kinds of a family told apart by a field {@code kind}, words
 * of a choice in small letters, places as {@code [x, y]}, colours as {@code #rrggbb}, paths as text. A new kind of a family is one line
 * here. What is missing, unknown or of another type is refused; what is empty or as usual is left out.
 */
final class Binding {
  /** The deepest that values nest; an object within 32 groups and a pattern stays below. */
  private static final int DEEPEST = 130;

  static final ObjectMapper MAPPER = mapper();

  private Binding() {}

  private static ObjectMapper mapper() {
    StreamReadConstraints limits = StreamReadConstraints.builder()
        .maxNestingDepth(DEEPEST).maxStringLength(5_000_000).maxNumberLength(60).build();
    JsonMapper mapper = JsonMapper
        .builder(JsonFactory.builder().streamReadConstraints(limits)
        .enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION, StreamReadFeature.USE_FAST_DOUBLE_PARSER).build())
        .addModule(new Jdk8Module()).addModule(Texts.module()).addModule(Usual.module())
        .enable(MapperFeature.ACCEPT_CASE_INSENSITIVE_ENUMS).disable(MapperFeature.ALLOW_COERCION_OF_SCALARS)
        .disable(DeserializationFeature.ACCEPT_FLOAT_AS_INT)
        .enable(DeserializationFeature.FAIL_ON_NULL_CREATOR_PROPERTIES, DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES,
            DeserializationFeature.FAIL_ON_TRAILING_TOKENS, DeserializationFeature.FAIL_ON_NUMBERS_FOR_ENUMS)
        .serializationInclusion(JsonInclude.Include.NON_ABSENT)
        .addMixIn(Item.class, Items.class).addMixIn(LiveEffect.class, LiveEffects.class).addMixIn(Pattern.class, Patterns.class)
        .addMixIn(Outline.class, Outlines.class).addMixIn(FillStyle.class, FillStyles.class).addMixIn(Ink.class, Inks.class)
        .addMixIn(Body.class, Bodies.class)
        .addMixIn(Outline.Ready.class, Ready.class).addMixIn(Effect.class, EffectKinds.class).addMixIn(Effects.class, EffectList.class)
        .build();
    for (CoercionInputShape shape : List.of(CoercionInputShape.Integer, CoercionInputShape.Float, CoercionInputShape.Boolean)) {
      mapper.coercionConfigFor(LogicalType.Textual).setCoercion(shape, CoercionAction.Fail);
    }
    for (Class<?> list : List.of(Point.class, Box.class)) {
      mapper.configOverride(list).setFormat(JsonFormat.Value.forShape(JsonFormat.Shape.ARRAY));
    }
    return mapper;
  }

  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
  @JsonSubTypes({
    @JsonSubTypes.Type(name = "words", value = ItemWords.class), @JsonSubTypes.Type(name = "shape", value = ItemShape.class),
    @JsonSubTypes.Type(name = "picture", value = ItemPhoto.class), @JsonSubTypes.Type(name = "group", value = ItemGroup.class)
  })
  private interface Items {}

  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
  @JsonSubTypes({
    @JsonSubTypes.Type(name = "together", value = LiveEffect.Together.class),
        @JsonSubTypes.Type(name = "combined", value = LiveEffect.Combined.class),
    @JsonSubTypes.Type(name = "rings", value = LiveEffect.Rings.class),
        @JsonSubTypes.Type(name = "repeated", value = LiveEffect.Repeated.class),
    @JsonSubTypes.Type(name = "mount", value = LiveEffect.Mounted.class),
        @JsonSubTypes.Type(name = "mountGrid", value = LiveEffect.Gridded.class),
    @JsonSubTypes.Type(name = "bent", value = LiveEffect.Bent.class)
  })
  private interface LiveEffects {}

  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
  @JsonSubTypes({
    @JsonSubTypes.Type(name = "grid", value = Pattern.Grid.class), @JsonSubTypes.Type(name = "fill", value = Pattern.Fill.class),
    @JsonSubTypes.Type(name = "round", value = Pattern.Round.class), @JsonSubTypes.Type(name = "along", value = Pattern.Along.class),
    @JsonSubTypes.Type(name = "mirror", value = Pattern.Mirror.class)
  })
  private interface Patterns {}

  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
  @JsonSubTypes({
    @JsonSubTypes.Type(name = "rectangle", value = Outline.Rectangle.class),
        @JsonSubTypes.Type(name = "ellipse", value = Outline.Ellipse.class),
    @JsonSubTypes.Type(name = "straight", value = Outline.Straight.class), @JsonSubTypes.Type(name = "drawn", value = Outline.Drawn.class),
    @JsonSubTypes.Type(name = "ready", value = Outline.Ready.class), @JsonSubTypes.Type(name = "code", value = Outline.Coded.class),
    @JsonSubTypes.Type(name = "lettered", value = Outline.Lettered.class)
  })
  private interface Outlines {}

  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
  @JsonSubTypes({
    @JsonSubTypes.Type(name = "gradient", value = FillStyle.Gradient.class),
        @JsonSubTypes.Type(name = "tiles", value = FillStyle.Tiles.class),
    @JsonSubTypes.Type(name = "finish", value = FillStyle.Finish.class)
  })
  private interface FillStyles {}

  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
  @JsonSubTypes({
    @JsonSubTypes.Type(name = "shadow", value = Effect.Shadow.class), @JsonSubTypes.Type(name = "glow", value = Effect.Glow.class),
    @JsonSubTypes.Type(name = "blur", value = Effect.Blur.class), @JsonSubTypes.Type(name = "feather", value = Effect.Feather.class),
    @JsonSubTypes.Type(name = "mixing", value = Effect.Mixing.class)
  })
  private interface EffectKinds {}

  /** Effects are a plain list. */
  private abstract static class EffectList {
    @JsonCreator(mode = JsonCreator.Mode.DELEGATING)
    EffectList(List<Effect> each) {}

    @JsonValue
    abstract List<Effect> each();
  }

  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "is")
  @JsonSubTypes({
    @JsonSubTypes.Type(name = "process", value = Ink.Process.class), @JsonSubTypes.Type(name = "spot", value = Ink.Spot.class)
  })
  private interface Inks {}

  @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
  @JsonSubTypes({
    @JsonSubTypes.Type(name = "cup", value = Cup.class), @JsonSubTypes.Type(name = "disc", value = Disc.class),
        @JsonSubTypes.Type(name = "panel", value = Panel.class),
    @JsonSubTypes.Type(name = "cloth", value = Cloth.class), @JsonSubTypes.Type(name = "framed", value = Framed.class)
  })
  private interface Bodies {}

  /** The figures of a ready shape stand under their names, so that their order may change. */
  private abstract static class Ready {
    @JsonCreator
    static Outline.Ready named(@JsonProperty("shape") ReadyForm form, @JsonProperty("figures") Map<String, Double> figures) {
      throw new IllegalStateException("only its annotations are used");
    }

    @JsonProperty("shape")
    abstract ReadyForm form();

    @JsonProperty("figures")
    abstract Map<String, Double> figures();

    @JsonIgnore
    abstract List<Double> values();
  }
}
