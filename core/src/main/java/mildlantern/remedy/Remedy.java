package mildlantern.remedy;

import java.util.List;
import java.util.Optional;
import mildlantern.message.MessageKey;

/**
 * Something that growers have at hand and are told to use. The texts are sentences of the knowledge base.
 *
 * @param id its id
 * @param name its name in a sentence
 * @param called what growers write for it, in small letters
 * @param told what people use it for
 * @param does what it really does
 * @param doesNot what it does not
 * @param answer whether to use it
 * @param terms how it is used, where it is
 * @param why the reason for a no, or what goes wrong
 * @param means id of the means that it is, where it is one
 * @param instead id of the means that serves instead
 */
public record Remedy(
        String id,
        String name,
        List<String> called,
        String told,
        String does,
        String doesNot,
        Answer answer,
        Optional<String> terms,
        String why,
        Optional<String> means,
        Optional<String> instead) {

    /** Whether to use it. */
    public enum Answer implements MessageKey {
        USE,
        /** Under its terms. */
        ONLY_SO,
        LEAVE
    }
}
