package app.gradior.room.exchange;

import static org.assertj.core.api.Assertions.assertThat;

import app.gradior.finding.Fault;
import app.gradior.room.words.Told;
import java.util.List;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.json.JsonMapper;

class FileSchemaTest {
    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final FileSchema SCHEMA = new FileSchema(JSON);

    private static List<Fault> faults(String definition, String part) {
        return SCHEMA.faults(definition, JSON.readTree(part.replace('\'', '"')));
    }

    @Test
    void whatHasItsShapeHasNoFault() {
        assertThat(faults("jar", "{'name':'Squat','brimMl':370,'fillMl':340,'count':6,'revision':2}"))
                .isEmpty();
        assertThat(
                        faults(
                                "waterTest",
                                "{'potId':0,'burnerId':1,'startedAt':'2026-11-20T10:00','startG':1500,'look':'lively','endG':null}"))
                .isEmpty();
    }

    @Test
    void everyFaultIsSaidWithItsPath() {
        assertThat(faults("jar", "{'name':' ','brimMl':'much','fillMl':-1,'revision':0}"))
                .extracting(Fault::field)
                .containsExactlyInAnyOrder("name", "brimMl", "fillMl", "count");
        assertThat(faults("jar", "[]")).extracting(Fault::field).containsExactly("");
        assertThat(faults("jar", "{'name':'Squat','brimMl':1,'fillMl':1,'revision':0}"))
                .containsExactly(new Fault("count", Told.of("file-schema.missing")));
        assertThat(faults(
                        "kitchen",
                        "{'name':'K','measures':'METRIC','fahrenheit':false,'altitudeM':0,'timeZone':'UTC','x':1}"))
                .containsExactly(new Fault("x", Told.of("file-schema.not-known")));
    }

    @Test
    void pathsGoIntoLists() {
        String event = "{'clientKey':'%s','at':'2026-11-20T10:00:00','recordedAt':'%s','type':'stir','body':{}}";
        String batch = "{'name':'Glaze','plan':{'lines':[{'text':'salt','foodId':'salt','massG':-3,'logSd':0.1}],"
                + "'texture':'SMOOTH','evaporatedG':0,'pot':{'name':'Pan','topDiameterMm':1,'baseDiameterMm':1,"
                + "'heightMm':1,'emptyG':1,'material':'STAINLESS'},'look':'GENTLE','lid':'OPEN','altitudeM':0,"
                + "'targetStep':5,'servedC':20},'state':'LIVE','startedAt':'2026-11-20T09:00:00','counted':true,'events':["
                + event.formatted("a b", "2026-11-20T10:00:01.25") + "," + event.formatted("k", "yesterday")
                + "],'containers':[],'photos':[]}";
        assertThat(faults("batch", batch))
                .extracting(Fault::field)
                .containsExactlyInAnyOrder("plan.lines[0].massG", "events[0].clientKey", "events[1].recordedAt");
    }
}
