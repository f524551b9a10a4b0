package mildlantern.web.away;

import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.Objects;
import java.util.Optional;
import mildlantern.away.Waterer;
import mildlantern.web.platform.FormKey;
import org.jspecify.annotations.Nullable;

/** When the grower is away and who waters, as typed. */
record AwayForm(
        @NotNull(message = "{platform.form.reload-page-try-again}") @Nullable
        FormKey form,

        @NotNull(message = "{away.form.day}") @Nullable LocalDate leaves,

        @NotNull(message = "{away.form.day}") @Nullable LocalDate back,

        @NotNull(message = "{away.form.who}") @Nullable Waterer who,

        @Size(max = 80, message = "{platform.form.most-80-characters}") @Nullable
        String helper,

        @Size(max = 500, message = "{away.form.note-long}") @Nullable
        String note) {
    /** A fresh form, from tomorrow for a week, or with what was planned before. */
    static AwayForm of(Optional<Absence.Dates> before, LocalDate today) {
        return before.map(it -> new AwayForm(FormKey.fresh(), it.leaves(), it.back(), it.who(), it.helper(), it.note()))
                .orElseGet(() ->
                        new AwayForm(FormKey.fresh(), today.plusDays(1), today.plusDays(8), Waterer.NOBODY, "", ""));
    }

    Absence.Dates dates() {
        return new Absence.Dates(
                Objects.requireNonNull(leaves),
                Objects.requireNonNull(back),
                Objects.requireNonNull(who),
                stripped(helper),
                stripped(note));
    }

    private static @Nullable String stripped(@Nullable String text) {
        return text == null || text.isBlank() ? null : text.strip();
    }
}
