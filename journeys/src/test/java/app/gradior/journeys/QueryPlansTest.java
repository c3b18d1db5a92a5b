package app.gradior.journeys;

import static org.assertj.core.api.Assertions.assertThat;

import java.lang.reflect.Constructor;
import java.lang.reflect.Method;
import java.lang.reflect.Parameter;
import java.lang.reflect.RecordComponent;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Stream;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.io.ResolverUtil;
import org.apache.ibatis.mapping.BoundSql;
import org.apache.ibatis.mapping.MappedStatement;
import org.apache.ibatis.mapping.ParameterMapping;
import org.apache.ibatis.mapping.SqlCommandType;
import org.apache.ibatis.reflection.SystemMetaObject;
import org.apache.ibatis.session.Configuration;
import org.junit.jupiter.api.Test;

/** With three hundred kitchens in it, the database looks at one kitchen's rows, or one account's, for every query there is but upkeep's. */
class QueryPlansTest {
    private static final int KITCHENS = 300;
    /** Rows that a query of one kitchen may look at, in one table: a few times what a kitchen has at most, far under what all have. */
    private static final long MOST_ROWS = 3_000;
    /** Rows that may be looked at without an index. */
    private static final long MOST_SCANNED = 100;
    /** Once an hour or at a start, of all kitchens. */
    private static final Set<String> OF_ALL = Set.of(
            "KitchenMapper.all",
            "AccessMapper.count",
            "AccessMapper.challenges",
            "PeopleMapper.kitchensDue",
            "PeopleMapper.accountsDue");

    private static Configuration mappers() {
        Configuration configuration = new Configuration();
        configuration.setMapUnderscoreToCamelCase(true);
        configuration.setArgNameBasedConstructorAutoMapping(true);
        ResolverUtil<Object> found = new ResolverUtil<>();
        found.find(type -> type.isInterface() && type.getSimpleName().endsWith("Mapper"), "app.gradior");
        found.getClasses().forEach(configuration::addMapper);
        return configuration;
    }

    /** A value that a query would have: of the parameter's name, or of its type. */
    private static Object value(String name, Class<?> type) {
        if (name.equals("kitchenId") || name.equals("kitchen")) {
            return ManyKitchens.id(1, 7);
        }
        if (type == String.class) {
            return switch (name) {
                case "state" -> "LIVE";
                case "order", "sort" -> "started";
                default -> "gla";
            };
        }
        if (type == LocalDateTime.class) {
            return LocalDateTime.of(2026, 11, 20, 12, 0);
        }
        if (type == LocalDate.class) {
            return LocalDate.of(2026, 11, 20);
        }
        if (type == int.class) {
            return name.equals("skip") ? 0 : 20;
        }
        if (type == boolean.class) {
            return true;
        }
        if (type == double.class || type == Double.class) {
            return 5.0;
        }
        if (type == byte[].class) {
            return new byte[] {1};
        }
        if (type.isEnum()) {
            return type.getEnumConstants()[0];
        }
        if (type == long.class || type == Long.class) {
            return ManyKitchens.id(5, 7);
        }
        return ""; // JSON and the like: what is set, not what is asked for
    }

    private static Object parameters(MappedStatement statement) throws ReflectiveOperationException {
        String id = statement.getId();
        int dot = id.lastIndexOf('.');
        Method method = Arrays.stream(Class.forName(id.substring(0, dot)).getDeclaredMethods())
                .filter(one -> one.getName().equals(id.substring(dot + 1)))
                .findFirst()
                .orElseThrow();
        Map<String, Object> values = new HashMap<>();
        for (Parameter one : method.getParameters()) {
            Param named = one.getAnnotation(Param.class);
            String name = named == null ? one.getName() : named.value();
            if (one.getType().isRecord() && named == null) {
                return record(one.getType());
            }
            if (one.getType().isRecord()) {
                values.put(name, record(one.getType()));
            } else if (List.class.isAssignableFrom(one.getType())) {
                values.put(name, List.of(ManyKitchens.id(5, 7), ManyKitchens.id(6, 7)));
            } else {
                values.put(name, value(name, one.getType()));
            }
        }
        return values;
    }

    private static Object record(Class<?> type) throws ReflectiveOperationException {
        RecordComponent[] parts = type.getRecordComponents();
        Constructor<?> made = type.getDeclaredConstructor(
                Arrays.stream(parts).map(RecordComponent::getType).toArray(Class<?>[]::new));
        made.setAccessible(true);
        return made.newInstance(Arrays.stream(parts)
                .map(part -> {
                    Object value = value(part.getName(), part.getType());
                    return part.getType().isPrimitive() || part.getType().isInstance(value) ? value : null;
                })
                .toArray());
    }

    private static Object bound(String property, Object values, BoundSql sql) {
        if (sql.hasAdditionalParameter(property)) {
            return sql.getAdditionalParameter(property);
        }
        return SystemMetaObject.forObject(values).getValue(property);
    }

    /** What of a query looks at more rows than one kitchen has. */
    private static List<String> looksAtOthers(Connection database, MappedStatement statement)
            throws SQLException, ReflectiveOperationException {
        Object values = parameters(statement);
        BoundSql sql = statement.getBoundSql(values);
        List<String> found = new ArrayList<>();
        try (PreparedStatement explain = database.prepareStatement("explain " + sql.getSql())) {
            int place = 1;
            for (ParameterMapping mapping : sql.getParameterMappings()) {
                explain.setObject(place++, bound(mapping.getProperty(), values, sql));
            }
            try (ResultSet rows = explain.executeQuery()) {
                while (rows.next()) {
                    String how = rows.getString("type");
                    if (rows.getString("table") == null || rows.getString("rows") == null) {
                        continue;
                    }
                    long many = Long.parseLong(rows.getString("rows").split(" ")[0]);
                    boolean scans = "ALL".equals(how) || "index".equals(how);
                    if (many > (scans ? MOST_SCANNED : MOST_ROWS)) {
                        found.add(rows.getString("table") + ": " + how + " by " + rows.getString("key") + ", " + many
                                + " rows");
                    }
                }
            }
        }
        return found;
    }

    @Test
    void noQueryLooksAtOtherKitchensRows() throws Exception {
        try (RunningApplication application = RunningApplication.demo();
                Connection database = application.database();
                Statement statement = database.createStatement()) {
            ManyKitchens.copy(database, 1, KITCHENS);
            assertThat(ManyKitchens.column(
                            statement,
                            "select count(*) from batch_event where kitchen_id = " + ManyKitchens.id(1, KITCHENS)))
                    .isEqualTo(ManyKitchens.column(statement, "select count(*) from batch_event where kitchen_id = 1"))
                    .isNotEqualTo(List.of("0"));
            Map<String, List<String>> faults = new TreeMap<>();
            int asked = 0;
            for (Object one : List.copyOf(mappers().getMappedStatements())) {
                if (one instanceof MappedStatement mapped
                        && mapped.getSqlCommandType() != SqlCommandType.INSERT
                        && !mapped.getId().contains(".forget")
                        && OF_ALL.stream().noneMatch(mapped.getId()::endsWith)) {
                    List<String> others = looksAtOthers(database, mapped);
                    asked++;
                    if (!others.isEmpty()) {
                        faults.put(mapped.getId().replaceAll(".*\\.(\\w+\\.\\w+)$", "$1"), others);
                    }
                }
            }
            assertThat(asked).isGreaterThan(190);
            assertThat(faults).isEmpty();
            assertThat(Stream.of("account", "kitchen", "batch").flatMap(table -> tooFew(statement, table)))
                    .isEmpty();
        }
    }

    private static Stream<String> tooFew(Statement statement, String table) {
        try {
            int rows = Integer.parseInt(ManyKitchens.column(statement, "select count(*) from " + table)
                    .get(0));
            return rows > KITCHENS ? Stream.empty() : Stream.of(table + " " + rows);
        } catch (SQLException e) {
            throw new IllegalStateException(e);
        }
    }
}
