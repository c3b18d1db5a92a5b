package app.gradior.web.frame;

import app.gradior.room.words.Say;
import app.gradior.room.words.Words;
import java.util.Set;
import org.springframework.stereotype.Component;
import org.thymeleaf.context.IExpressionContext;
import org.thymeleaf.dialect.AbstractDialect;
import org.thymeleaf.dialect.IExpressionObjectDialect;
import org.thymeleaf.expression.IExpressionObjectFactory;

/** Gives templates {@code #say}. */
@Component
final class SayDialect extends AbstractDialect implements IExpressionObjectDialect {
    private static final String NAME = "say";

    SayDialect() {
        super(Words.text("say-dialect.gradior-s-words"));
    }

    @Override
    public IExpressionObjectFactory getExpressionObjectFactory() {
        return new IExpressionObjectFactory() {
            @Override
            public Set<String> getAllExpressionObjectNames() {
                return Set.of(NAME);
            }

            @Override
            public Object buildObject(IExpressionContext context, String expressionObjectName) {
                return new Say();
            }

            @Override
            public boolean isCacheable(String expressionObjectName) {
                return true;
            }
        };
    }
}
