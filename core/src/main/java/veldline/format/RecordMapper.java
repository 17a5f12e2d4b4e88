package veldline.format;

import com.fasterxml.jackson.annotation.JsonAutoDetect;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import com.fasterxml.jackson.annotation.PropertyAccessor;
import com.fasterxml.jackson.databind.DeserializationConfig;
import com.fasterxml.jackson.databind.DeserializationContext;
import com.fasterxml.jackson.databind.DeserializationFeature;
import com.fasterxml.jackson.databind.JavaType;
import com.fasterxml.jackson.databind.JsonDeserializer;
import com.fasterxml.jackson.databind.JsonSerializer;
import com.fasterxml.jackson.databind.MapperFeature;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.SerializationConfig;
import com.fasterxml.jackson.databind.deser.std.FromStringDeserializer;
import com.fasterxml.jackson.databind.json.JsonMapper;
import com.fasterxml.jackson.databind.jsontype.NamedType;
import com.fasterxml.jackson.databind.jsontype.TypeDeserializer;
import com.fasterxml.jackson.databind.jsontype.TypeSerializer;
import com.fasterxml.jackson.databind.jsontype.impl.LaissezFaireSubTypeValidator;
import com.fasterxml.jackson.databind.module.SimpleModule;
import com.fasterxml.jackson.databind.ser.std.ToStringSerializer;
import com.fasterxml.jackson.datatype.jdk8.Jdk8Module;
import java.io.IOException;
import java.time.DateTimeException;
import java.time.Instant;
import java.util.Collection;
import java.util.List;
import veldline.antenna.ApertureDesign;
import veldline.antenna.Bought;
import veldline.antenna.Design;
import veldline.antenna.NotChosen;
import veldline.antenna.OwnWires;
import veldline.antenna.YagiShape;
import veldline.path.Obstruction;
import veldline.quantity.MeterScale;

/**
 * Records as JSON objects: every component a field by its name, instants in ISO 8601, and the alternatives of a sealed
 * type told apart by a field {@code kind}. The records themselves know nothing of JSON, and since there are no
 * annotations to look for, a mapper is ready in half the time, which is most of what opening a job takes.
 */
final class RecordMapper {
    /** What stands as {@code kind} in files; a name once given is never changed. */
    private static final List<NamedType> KINDS = List.of(
            new NamedType(YagiShape.class, "yagi"),
            new NamedType(OwnWires.class, "own wires"),
            new NamedType(Design.class, "design"),
            new NamedType(ApertureDesign.class, "aperture"),
            new NamedType(Bought.class, "bought"),
            new NamedType(NotChosen.class, "not chosen"),
            new NamedType(Obstruction.Told.class, "told"),
            new NamedType(Obstruction.Trees.class, "trees"),
            new NamedType(Obstruction.Wall.class, "wall"),
            new NamedType(MeterScale.Percent.class, "percent"),
            new NamedType(MeterScale.SUnits.class, "s units"));

    private RecordMapper() {}

    /** A mapper that writes one type in a way of its own. */
    static <T> JsonMapper writing(Class<T> type, JsonSerializer<T> way) {
        return mapper(
                new SimpleModule().addSerializer(type, way).addSerializer(Instant.class, ToStringSerializer.instance));
    }

    /** A mapper that reads one type in a way of its own. */
    static <T> JsonMapper reading(Class<T> type, JsonDeserializer<T> way) {
        return mapper(
                new SimpleModule().addDeserializer(type, way).addDeserializer(Instant.class, new InstantReader()));
    }

    private static JsonMapper mapper(SimpleModule module) {
        return JsonMapper.builder()
                .disable(MapperFeature.USE_ANNOTATIONS)
                .disable(MapperFeature.AUTO_DETECT_IS_GETTERS, MapperFeature.AUTO_DETECT_GETTERS)
                .addModule(new Jdk8Module())
                .addModule(module)
                .visibility(PropertyAccessor.FIELD, JsonAutoDetect.Visibility.ANY)
                .enable(DeserializationFeature.FAIL_ON_NULL_CREATOR_PROPERTIES)
                .enable(DeserializationFeature.FAIL_ON_MISSING_CREATOR_PROPERTIES)
                // A newer minor version may have fields this one does not know.
                .disable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
                .setDefaultTyping(new SealedTypes())
                .build();
    }

    /** Only sealed types need a word for which of them stands there, and only the names above are ever read. */
    private static final class SealedTypes extends ObjectMapper.DefaultTypeResolverBuilder {
        private static final long serialVersionUID = 1L;

        SealedTypes() {
            // Types are found by the names above, never by class names, so there is nothing left to check.
            super(ObjectMapper.DefaultTyping.OBJECT_AND_NON_CONCRETE, LaissezFaireSubTypeValidator.instance);
            init(JsonTypeInfo.Id.NAME, null);
            inclusion(JsonTypeInfo.As.PROPERTY);
            typeProperty("kind");
        }

        @Override
        public boolean useForType(JavaType type) {
            // An enum with bodies of its own counts as sealed to Java, too.
            return type.getRawClass().isSealed() && !type.isEnumType();
        }

        @Override
        public TypeSerializer buildTypeSerializer(SerializationConfig c, JavaType base, Collection<NamedType> none) {
            return super.buildTypeSerializer(c, base, kinds(base));
        }

        @Override
        public TypeDeserializer buildTypeDeserializer(
                DeserializationConfig c, JavaType base, Collection<NamedType> none) {
            return super.buildTypeDeserializer(c, base, kinds(base));
        }

        private static List<NamedType> kinds(JavaType base) {
            return KINDS.stream()
                    .filter(k -> base.isTypeOrSuperTypeOf(k.getType()))
                    .toList();
        }
    }

    private static final class InstantReader extends FromStringDeserializer<Instant> {
        private static final long serialVersionUID = 1L;

        InstantReader() {
            super(Instant.class);
        }

        @Override
        protected Instant _deserialize(String text, DeserializationContext c) throws IOException {
            try {
                return Instant.parse(text);
            } catch (DateTimeException e) {
                throw c.weirdStringException(text, Instant.class, "a time is written like 2026-05-01T08:30:00Z");
            }
        }
    }
}
