package mildlantern.web.words;

import java.util.List;
import java.util.Set;
import mildlantern.message.Message;
import mildlantern.message.MessageKey;
import org.springframework.stereotype.Component;
import org.thymeleaf.context.IExpressionContext;
import org.thymeleaf.dialect.AbstractDialect;
import org.thymeleaf.dialect.IExpressionObjectDialect;
import org.thymeleaf.expression.IExpressionObjectFactory;

/** Lets pages word facts, as {@code ${#words.of(fact)}}. */
@Component
final class WordsDialect extends AbstractDialect implements IExpressionObjectDialect, IExpressionObjectFactory {
    private static final String NAME = "words";

    /** What pages can ask. */
    public static final class Asked {
        private Asked() {}

        public String of(Message fact) {
            return Wording.of(fact);
        }

        public String of(MessageKey constant) {
            return Wording.of(constant);
        }

        public String listed(List<?> items) {
            return Wording.listed(items);
        }
    }

    private final Asked asked = new Asked();

    WordsDialect() {
        super(NAME);
    }

    @Override
    public IExpressionObjectFactory getExpressionObjectFactory() {
        return this;
    }

    @Override
    public Set<String> getAllExpressionObjectNames() {
        return Set.of(NAME);
    }

    @Override
    public Object buildObject(IExpressionContext context, String name) {
        return asked;
    }

    @Override
    public boolean isCacheable(String name) {
        return true;
    }
}
