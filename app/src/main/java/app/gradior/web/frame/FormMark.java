package app.gradior.web.frame;

import jakarta.servlet.http.HttpServletRequest;
import java.security.SecureRandom;
import java.util.Base64;
import java.util.LinkedHashMap;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.config.BeanPostProcessor;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.web.servlet.support.RequestDataValueProcessor;

/** Gives every form of a page its mark, beside the framework's own token. */
@Configuration
class FormMark {
    static final String FIELD = "_once";
    private static final int BYTES = 12;

    private static final String PROCESSOR = "requestDataValueProcessor";
    private static final SecureRandom RANDOM = new SecureRandom();

    /** The framework finds its processor of forms by that name: it is wrapped. */
    @Bean
    static BeanPostProcessor marks() {
        return new BeanPostProcessor() {
            @Override
            public Object postProcessAfterInitialization(Object bean, String name) {
                return name.equals(PROCESSOR) && bean instanceof RequestDataValueProcessor processor
                        ? new Marking(processor)
                        : bean;
            }
        };
    }

    private static final class Marking implements RequestDataValueProcessor {
        private final RequestDataValueProcessor inner;

        Marking(RequestDataValueProcessor inner) {
            this.inner = inner;
        }

        @Override
        public String processAction(HttpServletRequest request, String action, String method) {
            return inner.processAction(request, action, method);
        }

        @Override
        public String processFormFieldValue(
                HttpServletRequest request, @Nullable String name, String value, String type) {
            return inner.processFormFieldValue(request, name, value, type);
        }

        @Override
        public @Nullable Map<String, String> getExtraHiddenFields(HttpServletRequest request) {
            Map<String, String> fields = inner.getExtraHiddenFields(request);
            if (fields == null || fields.isEmpty()) {
                return fields;
            }
            Map<String, String> marked = new LinkedHashMap<>(fields);
            byte[] mark = new byte[BYTES];
            RANDOM.nextBytes(mark);
            marked.put(FIELD, Base64.getUrlEncoder().encodeToString(mark));
            return marked;
        }

        @Override
        public String processUrl(HttpServletRequest request, String url) {
            return inner.processUrl(request, url);
        }
    }
}
