package org.zipthimble.core.store;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonMappingException;
import com.fasterxml.jackson.databind.exc.InvalidFormatException;
import com.fasterxml.jackson.databind.exc.InvalidNullException;
import com.fasterxml.jackson.databind.exc.InvalidTypeIdException;
import com.fasterxml.jackson.databind.exc.MismatchedInputException;
import com.fasterxml.jackson.databind.exc.UnrecognizedPropertyException;
import com.fasterxml.jackson.databind.exc.ValueInstantiationException;
import java.util.List;
import java.util.Locale;
import org.zipthimble.core.wording.Trouble;

/** Says in a sentence what of a JSON tree could not be bound. */
final class JsonTrouble {
  private JsonTrouble() {}

  static Trouble of(JsonProcessingException e) {
    if (e instanceof UnrecognizedPropertyException) {
      return Trouble.because(e, "thimble.unknownField", ((UnrecognizedPropertyException) e).getPropertyName());
    }
    if (e instanceof InvalidTypeIdException) {
      return Trouble.because(e, "thimble.unknownWord", "kind", String.valueOf(((InvalidTypeIdException) e).getTypeId()));
    }
    if (e instanceof InvalidFormatException) {
      return Trouble.because(e, "thimble.unknownWord", field(e), String.valueOf(((InvalidFormatException) e).getValue()));
    }
    if (e instanceof InvalidNullException) {
      return Trouble.because(e, "thimble.missing", ((InvalidNullException) e).getPropertyName().getSimpleName());
    }
    if (e instanceof ValueInstantiationException) {
      return Trouble.because(e, "thimble.outOfRange", field(e));
    }
    if (e.getCause() instanceof Trouble) {
      return (Trouble) e.getCause();
    }
    if (e instanceof MismatchedInputException) {
      return Trouble.because(e, String.valueOf(e.getOriginalMessage()).toLowerCase(Locale.ROOT).contains("null value") ? "thimble.missing"
          : "thimble.wrongKind", field(e));
    }
    return Trouble.because(e, "thimble.badJson");
  }

  private static String field(JsonProcessingException e) {
    List<JsonMappingException.Reference> path = e instanceof JsonMappingException ? ((JsonMappingException) e).getPath() : List.of();
    for (int i = path.size() - 1; i >= 0; i--) {
      if (path.get(i).getFieldName() != null) {
        return path.get(i).getFieldName();
      }
    }
    return "job.json";
  }
}
