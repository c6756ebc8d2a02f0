package methodos.files.project;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import org.junit.jupiter.api.Test;

class UnknownFieldsTest {

    private static final ObjectMapper JSON = new ObjectMapper();

    private static JsonNode json(String text) throws Exception {
        return JSON.readTree(text.replace('\'', '"'));
    }

    private static JsonNode carried(String original, String understood, String result)
            throws Exception {
        JsonNode out = json(result);
        UnknownFields.carry(json(original), json(understood), out);
        return out;
    }

    @Test
    void whatIsNotUnderstoodIsCarriedOver() throws Exception {
        assertThat(carried("{'a':1,'new':[1,2]}", "{'a':1}", "{'a':5}"))
                .isEqualTo(json("{'a':5,'new':[1,2]}"));
    }

    @Test
    void whatIsUnderstoodAndTakenAwayStaysAway() throws Exception {
        assertThat(carried("{'a':1,'b':2}", "{'a':1,'b':2}", "{'a':1}")).isEqualTo(json("{'a':1}"));
    }

    @Test
    void thingsAreFoundAgainByTheirId() throws Exception {
        JsonNode out =
                carried(
                        "{'steps':[{'id':'s1','mood':'calm'},{'id':'s2','mood':'loud'}]}",
                        "{'steps':[{'id':'s1'},{'id':'s2'}]}",
                        "{'steps':[{'id':'s9'},{'id':'s2'},{'id':'s1'}]}");
        assertThat(out)
                .isEqualTo(
                        json(
                                "{'steps':[{'id':'s9'},{'id':'s2','mood':'loud'},{'id':'s1','mood':'calm'}]}"));
    }

    @Test
    void aThingThatIsGoneTakesItsFieldsAlong() throws Exception {
        JsonNode out =
                carried(
                        "{'steps':[{'id':'s1','mood':'calm'}]}",
                        "{'steps':[{'id':'s1'}]}",
                        "{'steps':[{'id':'s2'}]}");
        assertThat(out).isEqualTo(json("{'steps':[{'id':'s2'}]}"));
    }

    @Test
    void thingsWithoutIdAreFoundByTheirPlace() throws Exception {
        JsonNode out =
                carried(
                        "{'spans':[{'start':1,'x':7}]}",
                        "{'spans':[{'start':1}]}",
                        "{'spans':[{'start':2}]}");
        assertThat(out).isEqualTo(json("{'spans':[{'start':2,'x':7}]}"));
    }

    @Test
    void emptyThingsAreNotCarried() throws Exception {
        assertThat(carried("{'a':'','b':[],'c':null,'d':{}}", "{}", "{}")).isEqualTo(json("{}"));
        assertThat(carried("{'a':0,'b':false}", "{}", "{}")).isEqualTo(json("{'a':0,'b':false}"));
    }

    @Test
    void fieldsDeepInsideAreCarried() throws Exception {
        JsonNode out =
                carried(
                        "{'unit':{'name':'x','plate':{'colour':'grey','lines':[{'id':'l1','bold':true}]}}}",
                        "{'unit':{'name':'x','plate':{'lines':[{'id':'l1'}]}}}",
                        "{'unit':{'name':'y','plate':{'lines':[{'id':'l1','text':'a'}]}}}");
        assertThat(out.at("/unit/plate/colour").asText()).isEqualTo("grey");
        assertThat(out.at("/unit/plate/lines/0/bold").asBoolean()).isTrue();
        assertThat(out.at("/unit/name").asText()).isEqualTo("y");
    }
}
