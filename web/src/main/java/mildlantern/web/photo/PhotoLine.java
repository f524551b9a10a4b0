package mildlantern.web.photo;

import java.time.LocalDate;
import java.util.UUID;

/** A photo in a list. */
public record PhotoLine(UUID id, LocalDate day, String caption) {}
