package mildlantern.web.platform;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class UploadedTextTest {
    private static final String ROW = "Möwe; 21,5 °C";

    @ParameterizedTest
    @ValueSource(strings = {"UTF-8", "windows-1252", "UTF-16"})
    void aTableIsReadInTheCodeInWhichItWasWritten(String code) {
        assertThat(UploadedText.of(ROW.getBytes(Charset.forName(code)))).isEqualTo(ROW);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "a"})
    void aFileOfNextToNothingIsRead(String text) {
        assertThat(UploadedText.of(text.getBytes(StandardCharsets.UTF_8))).isEqualTo(text);
    }

    @ParameterizedTest
    @ValueSource(strings = {"UTF-16LE"})
    void spreadsheetsMarkTheOrderOfTheirBytes(String code) {
        byte[] text = ("\uFEFF" + ROW).getBytes(Charset.forName(code));
        assertThat(UploadedText.of(text)).isEqualTo(ROW);
    }
}
