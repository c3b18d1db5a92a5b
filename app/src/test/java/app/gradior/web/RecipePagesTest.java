package app.gradior.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.multipart;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrlPattern;

import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;

/** From a text to a plan: the check page sends on what it shows, with the answers to what it asked. */
class RecipePagesTest extends PageCalls {
    private static final String TOLD = """
            okay so this is my plum and ginger sauce, it's for the duck
            so first off a tablespoon of oil in the pan and one red onion, chopped, and you cook that till it's soft, about eight minutes
            now six hundred grams of plums, stoned, and a hundred and fifty mils of red wine vinegar
            and some apple juice goes in, that's just to loosen it
            and a hundred and twenty grams of brown sugar
            bring it up to a simmer and let it go for twenty minutes with the lid off till the plums have collapsed
            blend it till it's smooth
            and then back on the heat and reduce it till the spoon leaves a track on the bottom of the pan, about ten minutes
            that's it. the duck's in the oven at two hundred for an hour
            """;
    private static final Pattern FIELD = Pattern.compile(
            "<input type=\"hidden\" name=\"([A-Za-z_-]+)\" value=\"([^\"]*)\"|<textarea name=\"(notes|source)\" hidden[^>]*>([^<]*)<");
    private static final Pattern STAGE = Pattern.compile("<option value=\"(\\d+)\" selected");

    private String checked() throws Exception {
        return mvc.perform(as(multipart("/sauces/import")
                        .file(new MockMultipartFile("file", "", null, new byte[0]))
                        .param("pasted", TOLD)))
                .andReturn()
                .getResponse()
                .getContentAsString();
    }

    /** The form of the check page as a browser would send it. */
    private static MockHttpServletRequestBuilder sent(String page, String answer, String then) {
        return filled(post("/sauces/import/keep").param("then", then), page, answer);
    }

    private static MockHttpServletRequestBuilder filled(
            MockHttpServletRequestBuilder request, String page, String answer) {
        Matcher field = FIELD.matcher(page);
        while (field.find()) {
            boolean area = field.group(3) != null;
            String value = area ? field.group(4) : field.group(2);
            if (!"_csrf".equals(field.group(1))) {
                request.param(
                        area ? field.group(3) : field.group(1),
                        value.replace("&#39;", "'").replace("&quot;", "\"").replace("\n", "\r\n"));
            }
        }
        Matcher stage = STAGE.matcher(page);
        while (stage.find()) {
            request.param("lineStage", stage.group(1));
        }
        return request.param("name", "Plum sauce").param("answer", answer);
    }

    @Test
    void whatATextDoesNotSayIsAskedAndTheAnswerCounts() throws Exception {
        String page = checked();
        assertThat(page)
                .contains("How much apple juice?")
                .contains("Reduce, to 6.0")
                .contains("the meal around it")
                .contains("class=\"unused\"");
        String location = mvc.perform(as(sent(page, "200 ml", "plan")))
                .andExpect(redirectedUrlPattern("/plan?sauce=*"))
                .andReturn()
                .getResponse()
                .getRedirectedUrl();
        String id = String.valueOf(location).replaceAll("\\D", "");
        assertThat(body(get("/sauces/" + id))).contains("200 ml apple juice").contains("stageKind");
        assertThat(body(get("/plan/answer").param("sauce", id))).contains("Reduce to");
    }

    @Test
    void itMayBeChangedFirst() throws Exception {
        String page = body(sent(checked(), "", "edit"));
        assertThat(page).contains("Nothing is kept until you save").contains("600 gram plum");
        assertThat(body(get("/sauces"))).doesNotContain("Plum sauce");
    }

    /** A tap on what was not used makes it a stage in its place; what was answered and moved stays. */
    @Test
    void whatWasNotUsedBecomesAStage() throws Exception {
        String page = checked();
        Matcher left = Pattern.compile(
                        "name=\"make\" value=\"(\\d+-\\d+)\"[^>]*aria-label=\"[^\"]*duck&#39;s in the oven")
                .matcher(page);
        assertThat(left.find()).isTrue();
        int stages = page.split("name=\"stageKind\"").length;
        String made = body(filled(post("/sauces/import/stage").param("make", left.group(1)), page, "200 ml"));
        assertThat(made.split("name=\"stageKind\"")).hasSize(stages + 1);
        assertThat(made)
                .contains("value=\"200 ml\"")
                .contains("name=\"made\" value=\"" + left.group(1))
                .contains("value=\"Plum sauce\"")
                .doesNotContain("name=\"make\" value=\"" + left.group(1));
        String twice = body(filled(post("/sauces/import/stage").param("make", "0-3"), made, "200 ml"));
        assertThat(twice.split("name=\"stageKind\"")).hasSize(stages + 1);
    }

    @Test
    void aLineInDoubtIsAskedAndPutRight() throws Exception {
        String text =
                "Plum sauce\n\nIngredients\n600 g plums\n2 tbsp fat from the roasting tin\n100 g sugar\n\nMethod\nPut all the ingredients in a pan and simmer for 20 minutes.";
        String page = mvc.perform(as(multipart("/sauces/import")
                        .file(new MockMultipartFile("file", "", null, new byte[0]))
                        .param("pasted", text)))
                .andReturn()
                .getResponse()
                .getContentAsString();
        assertThat(page).contains("name=\"fixed\"").contains("What is “2 tbsp fat from the roasting tin”?");
        String edited =
                body(filled(post("/sauces/import/keep").param("then", "edit").param("fixed", "2 tbsp lard"), page, ""));
        assertThat(edited).contains("2 tbsp lard").doesNotContain("the roasting tin\"");
    }
}
