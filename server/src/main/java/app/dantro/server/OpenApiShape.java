package app.dantro.server;

import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.core.converter.ModelConverter;
import io.swagger.v3.core.converter.ModelConverterContext;
import io.swagger.v3.core.util.Json;
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.Schema;
import java.lang.reflect.RecordComponent;
import java.util.Arrays;
import java.util.Iterator;
import java.util.List;
import java.util.Optional;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** Shapes the published API: every field of a record is required, unless its type says Optional. */
@Configuration(proxyBeanMethods = false)
class OpenApiShape {

    @Bean
    OpenAPI openApi() {
        return new OpenAPI().info(new Info().title("Dantro").version("1"));
    }

    @Bean
    ModelConverter requiredUnlessOptional() {
        return new ModelConverter() {
            @Override
            public Schema<?> resolve(
                    AnnotatedType type, ModelConverterContext context, Iterator<ModelConverter> chain) {
                if (!chain.hasNext()) {
                    return null;
                }
                Schema<?> schema = chain.next().resolve(type, context, chain);
                Class<?> raw = Json.mapper().constructType(type.getType()).getRawClass();
                Schema<?> model = schema != null && schema.get$ref() != null
                        ? context.getDefinedModels().get(raw.getSimpleName())
                        : schema;
                if (raw.isRecord() && model != null && model.getProperties() != null) {
                    model.setRequired(required(raw));
                }
                return schema;
            }
        };
    }

    private static List<String> required(Class<?> record) {
        return Arrays.stream(record.getRecordComponents())
                .filter(c -> c.getType() != Optional.class)
                .map(RecordComponent::getName)
                .toList();
    }
}
