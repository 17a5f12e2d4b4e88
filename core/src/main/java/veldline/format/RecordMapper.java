package veldline.format;

import com.fasterxml.jackson.annotation.JsonAutoDetect;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import com.fasterxml.jackson.annotation.PropertyAccessor;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.DeserializationConfig;
import com.fasterxml.jackson.databind.DeserializationContext;
import com.fasterxml.jackson.databind.DeserializationFeature;
import com.fasterxml.jackson.databind.JavaType;
import com.fasterxml.jackson.databind.JsonDeserializer;
import com.fasterxml.jackson.databind.JsonMappingException;
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
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.function.Function;
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

    /** A mapper for what has nothing that is written in a way of its own. */
    static JsonMapper ready() {
        return mapper(times());
    }

    /** A mapper that writes one type in a way of its own. */
    static <T> JsonMapper writing(Class<T> type, JsonSerializer<T> way) {
        return mapper(times().addSerializer(type, way));
    }

    /** A mapper that reads one type in a way of its own. */
    static <T> JsonMapper reading(Class<T> type, JsonDeserializer<T> way) {
        return mapper(times().addDeserializer(type, way));
    }

    private static SimpleModule times() {
        return new SimpleModule()
                .addSerializer(Instant.class, ToStringSerializer.instance)
                .addSerializer(LocalDate.class, ToStringSerializer.instance)
                .addDeserializer(
                        Instant.class,
                        new TimeReader<>(Instant.class, Instant::parse, "a time is written like 2026-05-01T08:30:00Z"))
                .addDeserializer(
                        LocalDate.class,
                        new TimeReader<>(LocalDate.class, LocalDate::parse, "a date is written like 2026-05-01"));
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

    /** Where in a file something would not do. */
    static String where(JsonMappingException e, String whole) {
        StringBuilder text = new StringBuilder();
        for (JsonMappingException.Reference r : e.getPath()) {
            text.append(
                    r.getFieldName() == null
                            ? "[" + r.getIndex() + "]"
                            : (text.isEmpty() ? "" : ".") + r.getFieldName());
        }
        return text.isEmpty() ? whole : text.toString();
    }

    /** What would not do, without names of classes. */
    static String plain(JsonMappingException e) {
        Throwable cause = e;
        while (cause.getCause() != null) {
            cause = cause.getCause();
        }
        String message = cause instanceof JsonProcessingException p ? p.getOriginalMessage() : cause.getMessage();
        return message == null ? "something is missing" : message.split("\n")[0].replaceAll("veldline\\.[a-z.]*", "");
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

    /** Times and dates as ISO 8601 has them. */
    private static final class TimeReader<T> extends FromStringDeserializer<T> {
        private static final long serialVersionUID = 1L;

        private final transient Function<String, T> parse;
        private final String like;

        TimeReader(Class<T> type, Function<String, T> parse, String like) {
            super(type);
            this.parse = parse;
            this.like = like;
        }

        @Override
        protected T _deserialize(String text, DeserializationContext c) throws IOException {
            try {
                return parse.apply(text);
            } catch (DateTimeException e) {
                throw c.weirdStringException(text, handledType(), like);
            }
        }
    }
}
