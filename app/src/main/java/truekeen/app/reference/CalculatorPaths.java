package truekeen.app.reference;

import io.swagger.v3.oas.models.Operation;
import io.swagger.v3.oas.models.PathItem;
import io.swagger.v3.oas.models.media.ArraySchema;
import io.swagger.v3.oas.models.media.Content;
import io.swagger.v3.oas.models.media.IntegerSchema;
import io.swagger.v3.oas.models.media.MediaType;
import io.swagger.v3.oas.models.media.NumberSchema;
import io.swagger.v3.oas.models.media.ObjectSchema;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.media.StringSchema;
import io.swagger.v3.oas.models.parameters.RequestBody;
import io.swagger.v3.oas.models.responses.ApiResponse;
import io.swagger.v3.oas.models.responses.ApiResponses;
import java.math.BigDecimal;
import java.util.Map;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import truekeen.core.reference.Calculator;
import truekeen.core.reference.Calculators;

/** Describes every calculator at its own address, with units, ranges and an example that was computed. */
@Configuration
class CalculatorPaths {
    @Bean
    OpenApiCustomizer calculators() {
        return api -> Calculators.all().forEach(c -> api.getPaths()
                .addPathItem("/api/v1/calculators/" + c.id(), new PathItem().post(post(c))));
    }

    private static Operation post(Calculator c) {
        return new Operation()
                .addTagsItem("calculators")
                .operationId("ask-" + c.id())
                .summary(c.title())
                .description(c.formula().expression() + ". " + c.formula().symbols() + ". Holds: "
                        + c.formula().limits() + ". Source: " + c.formula().source()
                        + ". Numbers are in the unit that is named; text such as 1/32\" is read as well.")
                .requestBody(new RequestBody().required(true).content(json(inputs(c), c.example())))
                .responses(new ApiResponses()
                        .addApiResponse(
                                "200",
                                new ApiResponse()
                                        .description(ReferenceWords.THE_ANSWER.words())
                                        .content(json(outputs(c), c.ask(c.example()))))
                        .addApiResponse("422", new ApiResponse().description(ReferenceWords.A_PROBLEM.words())));
    }

    private static Content json(Schema<?> schema, Map<String, Object> example) {
        return new Content()
                .addMediaType("application/json", new MediaType().schema(schema).example(example));
    }

    private static Schema<?> inputs(Calculator c) {
        Schema<?> all = new ObjectSchema();
        for (Calculator.Input in : c.inputs()) {
            Schema<?> one = (in.kind() == Calculator.Kind.WHOLE ? new IntegerSchema() : new NumberSchema())
                    .minimum(BigDecimal.valueOf(in.low()))
                    .maximum(BigDecimal.valueOf(in.high()));
            if (in.kind() == Calculator.Kind.TEXT) {
                StringSchema text = new StringSchema();
                if (!in.choices().isEmpty()) {
                    text.setEnum(in.choices());
                }
                one = text;
            } else if (in.kind() == Calculator.Kind.NUMBERS) {
                one = new ArraySchema().items(one);
            }
            all.addProperty(in.name(), one.description(described(in.meaning(), in.unit())));
            if (in.needed()) {
                all.addRequiredItem(in.name());
            }
        }
        return all;
    }

    private static Schema<?> outputs(Calculator c) {
        Schema<?> all = new ObjectSchema();
        for (Calculator.Output out : c.outputs()) {
            Schema<?> one = out.list() ? new ArraySchema().items(new NumberSchema()) : new NumberSchema();
            all.addProperty(out.name(), one.description(described(out.meaning(), out.unit())));
            all.addRequiredItem(out.name());
        }
        return all;
    }

    private static String described(String meaning, String unit) {
        return unit.isEmpty() ? meaning : meaning + " (" + unit + ")";
    }
}
