package app.gradior.finding;

import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.RecordComponent;
import java.util.LinkedHashMap;
import java.util.Map;

/**
 * Something that the rules have to say to people: what it is, and its figures. A record that implements it holds no sentence; the
 * application's bundles have one for each {@link #code}. A figure may be a number, a text that a cook gave, a constant that has a name of
 * its own, another finding, or a list of those.
 */
public interface Finding {
    /** Key of its sentence in the bundles: the record's name within the classes around it, {@code Caution.Overfull}. */
    default String code() {
        return codeOf(getClass());
    }

    /** Key of what a class of findings, or of named constants, says. */
    static String codeOf(Class<?> type) {
        String name = type.getName();
        return name.substring(name.lastIndexOf('.') + 1).replace('$', '.');
    }

    /** Its figures by their names. */
    default Map<String, Object> figures() {
        Map<String, Object> figures = new LinkedHashMap<>();
        for (RecordComponent component : getClass().getRecordComponents()) {
            try {
                component.getAccessor().setAccessible(true);
                figures.put(component.getName(), component.getAccessor().invoke(this));
            } catch (IllegalAccessException | InvocationTargetException e) {
                throw new IllegalStateException(e);
            }
        }
        return figures;
    }
}
