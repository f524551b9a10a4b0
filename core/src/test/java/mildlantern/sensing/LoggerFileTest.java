package mildlantern.sensing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.Locale;
import mildlantern.light.WindowLight;
import mildlantern.message.Message;
import mildlantern.sensing.LoggerFile.Asked;
import mildlantern.sensing.LoggerFile.DayOrder;
import mildlantern.sensing.LoggerFile.Degrees;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A logger's table is read as it comes; what cannot be is said with its line, and then nothing is taken. */
class LoggerFileTest {
    private static final Instant TO_COME = Instant.parse("2030-01-01T00:00:00Z");
    private static final WindowLight LIGHT = WindowLight.load();
    private static final Asked UTC = new Asked(ZoneOffset.UTC, Degrees.AS_WRITTEN, DayOrder.AS_WRITTEN);
    /** A zone whose clocks go forward in March and back in October. */
    private static final Asked WITH_SUMMER_TIME = new Asked(ZoneId.of("CET"), Degrees.AS_WRITTEN, DayOrder.AS_WRITTEN);

    private static LoggerFile.Read read(String text) throws LoggerFile.Unreadable {
        return LoggerFile.read(text, UTC, LIGHT, TO_COME);
    }

    @Test
    void columnsComeInAnyOrderBehindLinesOfWords() throws LoggerFile.Unreadable {
        LoggerFile.Read read = read("""
                Plot title: shelf
                "serial 12"
                RH (%),Light (lux),"Date Time, GMT+02:00",Temp (°F),Dew point
                51,5400,2026-07-01 14:00,68,9
                52,0,2026-07-01 14:10,50,9
                """);

        assertThat(read.samples()).hasSize(2);
        Sample first = read.samples().get(0);
        assertThat(first.at()).isEqualTo(Instant.parse("2026-07-01T12:00:00Z"));
        assertThat(first.celsius().orElseThrow()).isCloseTo(20, within(1e-9));
        assertThat(first.humidity().orElseThrow()).isEqualTo(51);
        assertThat(first.ppfd().orElseThrow()).isCloseTo(100, within(1e-9));
        assertThat(read.columns()).extracting(Message::what).contains(TableSays.FAHRENHEIT_FROM);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "2026-03-04T05:06:07Z | 2026-03-04T05:06:07Z",
                "2026-03-04 05:06:07+01:00 | 2026-03-04T04:06:07Z",
                "2026-03-04 05:06 | 2026-03-04T05:06:00Z",
                "04.03.2026 05:06 | 2026-03-04T05:06:00Z",
                "4/3/26 5:06:07 PM | 2026-03-04T17:06:07Z",
                "4/3/2026 12:06 AM | 2026-03-04T00:06:00Z",
                "1772600767 | 2026-03-04T05:06:07Z",
                "1772600767000 | 2026-03-04T05:06:07Z"
            })
    void timesAreWrittenInManyWays(String written, String meant) throws LoggerFile.Unreadable {
        assertThat(read("time;temp °C\n" + written + ";20,5\n").samples())
                .singleElement()
                .satisfies(sample -> {
                    assertThat(sample.at()).isEqualTo(Instant.parse(meant));
                    assertThat(sample.celsius().orElseThrow()).isEqualTo(20.5);
                });
    }

    @Test
    void aDayAboveTwelveTellsWhichNumberIsTheMonth() throws LoggerFile.Unreadable {
        LoggerFile.Read read = read("date,time,temp (C)\n03/04/2026,10:00,20\n03/14/2026,10:00,21\n");

        assertThat(read.samples().get(0).at()).isEqualTo(Instant.parse("2026-03-04T10:00:00Z"));
    }

    @Test
    void theHourThatComesTwiceInAutumnIsTwoHours() throws LoggerFile.Unreadable {
        StringBuilder table = new StringBuilder("time,temp (C)\n");
        for (String clock : new String[] {"01:30", "02:00", "02:30", "02:00", "02:30", "03:00"}) {
            table.append("2026-10-25 ").append(clock).append(",10\n");
        }
        LoggerFile.Read read = LoggerFile.read(table.toString(), WITH_SUMMER_TIME, LIGHT, TO_COME);

        assertThat(read.samples()).hasSize(6);
        assertThat(Duration.between(
                        read.samples().get(0).at(), read.samples().get(5).at()))
                .isEqualTo(Duration.ofMinutes(150));
    }

    @Test
    void whatIsSilentIsSaidAndWhatComesTwiceCountsOnce() throws LoggerFile.Unreadable {
        StringBuilder table = new StringBuilder("time,temp (C),rh\n");
        LocalDateTime at = LocalDateTime.of(2026, 5, 1, 0, 0);
        for (int minute = 0; minute < 600; minute += 10) {
            if (minute < 200 || minute > 400) {
                table.append(at.plusMinutes(minute)).append(",20,50\n");
            }
        }
        table.append(at).append(",20,50\n");
        LoggerFile.Read read = read(table.toString());

        assertThat(read.twice()).isEqualTo(1);
        assertThat(read.gaps())
                .singleElement()
                .satisfies(gap -> assertThat(gap.length()).isEqualTo(Duration.ofMinutes(220)));
    }

    @Test
    void whatCannotBeTrueIsSetAsideWithItsReason() throws LoggerFile.Unreadable {
        LoggerFile.Read read = read("""
                time,temp (C),rh,ppfd
                2026-05-01 00:00,20,50,0
                2026-05-01 00:10,-127,50,0
                2026-05-01 00:20,20,102,0
                2026-05-01 00:30,60,130,-5
                2026-05-01 00:40,21,50,90000
                """);

        assertThat(read.samples()).hasSize(4);
        assertThat(read.aside())
                .extracting(Aside::what)
                .containsExactlyInAnyOrder(
                        Aside.What.TEMPERATURE,
                        Aside.What.TEMPERATURE,
                        Aside.What.HUMIDITY,
                        Aside.What.LIGHT,
                        Aside.What.LIGHT);
        assertThat(read.samples().get(2).humidity().orElseThrow()).isEqualTo(100);
    }

    @Test
    void rubbishIsRefusedWithItsLines() {
        assertThatThrownBy(() -> read("time,temp (C)\n2026-05-01 00:00,20\nyesterday,20\n2026-05-01 00:20,warm\n"))
                .isInstanceOfSatisfying(LoggerFile.Unreadable.class, e -> {
                    assertThat(e.told()).isEqualTo(TableSays.LINES_WRONG.with(2, 3, "all"));
                    assertThat(e.lines())
                            .containsExactly(
                                    TableSays.LINE_WRONG_TIME.with(3L, "yesterday"),
                                    TableSays.LINE_NO_NUMBER.with(4L, "warm"));
                });
        assertThatThrownBy(() -> read("a poem\nabout rain\n"))
                .isInstanceOf(LoggerFile.Unreadable.class)
                .hasMessageContaining("NO_HEADING");
        assertThatThrownBy(() -> read("time,temp\n2026-05-01 00:00,70\n2026-05-01 01:00,72\n"))
                .isInstanceOf(LoggerFile.Unreadable.class)
                .hasMessageContaining("SURELY_FAHRENHEIT");
        assertThatThrownBy(() -> read("")).isInstanceOf(LoggerFile.Unreadable.class);
    }

    @Test
    void aMonthOfMinutesIsRead() throws LoggerFile.Unreadable {
        StringBuilder table = new StringBuilder("time,temp (C),rh,lux\n");
        LocalDateTime at = LocalDateTime.of(2026, 6, 1, 0, 0);
        for (int minute = 0; minute < 43_200; minute++) {
            table.append(at.plusMinutes(minute))
                    .append(String.format(Locale.ROOT, ",%.1f,55,1200%n", 20 + 3 * Math.sin(minute / 700.0)));
        }

        assertThat(read(table.toString()).samples()).hasSize(43_200);
    }

    @Test
    void aLoggerWhoseClockRunsAheadIsToldSo() {
        assertThatThrownBy(() -> read("time,temp (C)\n2099-05-01 00:00,20\n"))
                .isInstanceOf(LoggerFile.Unreadable.class)
                .hasMessageContaining("TO_COME [2099-05-01]");
    }

    @Test
    void aTableLargerThanALoggersIsRefusedBeforeItFillsTheMemory() {
        String wide = "a,".repeat(40_000) + "\n";
        assertThatThrownBy(() -> read("time,temp (C)\n" + wide.repeat(30)))
                .isInstanceOf(LoggerFile.Unreadable.class)
                .hasMessageContaining("TOO_LARGE");
    }
}
