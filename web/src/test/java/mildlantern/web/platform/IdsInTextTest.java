package mildlantern.web.platform;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Optional;
import java.util.UUID;
import mildlantern.knowledge.DisorderId;
import mildlantern.knowledge.FindingId;
import mildlantern.place.StopId;
import mildlantern.plant.PlantId;
import org.junit.jupiter.api.Test;
import org.springframework.core.ResolvableType;
import org.springframework.core.convert.ConversionFailedException;
import org.springframework.core.convert.ConverterNotFoundException;
import org.springframework.core.convert.TypeDescriptor;
import org.springframework.core.convert.support.DefaultConversionService;

/** An address or a form names an id by its number alone. */
class IdsInTextTest {
    private static final UUID NUMBER = UUID.fromString("0b5c2f4e-7d1a-4c3b-9e8f-112233445566");

    private record Size(double cm) {}

    private final DefaultConversionService conversion = new DefaultConversionService();

    IdsInTextTest() {
        conversion.addConverter(new IdsInText());
    }

    @Test
    void eachKindOfIdIsReadAsItsOwnKind() {
        assertThat(conversion.convert(NUMBER.toString(), PlantId.class)).isEqualTo(new PlantId(NUMBER));
        assertThat(conversion.convert(" " + NUMBER + " ", StopId.class)).isEqualTo(new StopId(NUMBER));
        assertThat(conversion.convert(NUMBER.toString(), FormKey.class)).hasToString(NUMBER.toString());
    }

    @Test
    void idsOfTheKnowledgeBaseAreReadAsTheyAreWritten() {
        assertThat(conversion.convert("soil.deep", FindingId.class)).isEqualTo(new FindingId("soil.deep"));
        assertThat(conversion.convert(" root-loss ", DisorderId.class)).isEqualTo(new DisorderId("root-loss"));
        assertThat(conversion.convert(" ", DisorderId.class)).isNull();
    }

    @Test
    void nothingTypedIsNoId() {
        assertThat(conversion.convert("", PlantId.class)).isNull();
        assertThat(conversion.convert(
                        "",
                        TypeDescriptor.valueOf(String.class),
                        new TypeDescriptor(
                                ResolvableType.forClassWithGenerics(Optional.class, PlantId.class), null, null)))
                .isEqualTo(Optional.empty());
    }

    @Test
    void whatIsNoNumberIsRefused() {
        assertThatThrownBy(() -> conversion.convert("limpet", PlantId.class))
                .isInstanceOf(ConversionFailedException.class);
    }

    @Test
    void recordsThatAreNoIdsAreLeftAlone() {
        assertThatThrownBy(() -> conversion.convert("14", Size.class)).isInstanceOf(ConverterNotFoundException.class);
    }
}
