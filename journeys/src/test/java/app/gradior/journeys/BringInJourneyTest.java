package app.gradior.journeys;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.ColorScheme;
import com.microsoft.playwright.options.SelectOption;
import com.microsoft.playwright.options.WaitUntilState;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** A cook brings recipes, pots, labels and questions in: sauces, larder, kit and bench, through the real interface. */
class BringInJourneyTest {
    private static OwnKitchen kitchen;
    private static Browser browser;

    @BeforeAll
    static void start() {
        kitchen = OwnKitchen.take();
        browser = new Browser();
    }

    @AfterAll
    static void end() {
        assertThat(browser.errors()).isEmpty();
        browser.close();
    }

    private static Page enter() {
        return kitchen.hob(browser, 1280, 800, ColorScheme.LIGHT);
    }

    /** Names a line in the stage where it goes in. */
    private static void goesIn(Page page, int stage, String line) {
        Locator more = page.locator("#stages > li").nth(stage).locator(".stage-more");
        if (more.getAttribute("open") == null) {
            more.locator("summary").click();
        }
        more.locator("[data-put]").fill(line);
        more.locator("[data-put]").press("Enter");
        assertThat(more.locator("[data-put]")).hasValue("");
        more.locator("summary").click();
    }

    /** Drags a line into a stage. */
    private static void carry(Page page, String line, int stage) {
        page.locator("#stages > li").nth(stage).evaluate("stage => stage.scrollIntoView({block: 'center'})");
        page.locator(".stage-lines button:text-is('" + line + "')").hover();
        BoundingBox onto = page.locator("#stages > li").nth(stage).boundingBox();
        page.mouse().down();
        page.mouse().move(onto.x + onto.width / 2, onto.y + onto.height / 2);
        assertThat(page.locator("#stages > li.over")).hasCount(1);
        page.mouse().up();
    }

    private static Locator stageKind(Page page, int index) {
        return page.locator("#stages select[name=stageKind]").nth(index);
    }

    /** Waits until what was changed has been answered, so that nothing moves any more. */
    private static void settled(Page page) {
        assertThat(page.locator("#sauce[aria-busy]")).hasCount(0);
    }

    /** Takes a stage by its number and lets it go on the lower part of another. */
    private static void drag(Page page, int from, int to) {
        settled(page);
        page.locator(".stage-no").nth(from).hover();
        BoundingBox onto = page.locator("#stages > li").nth(to).boundingBox();
        page.mouse().down();
        assertThat(page.locator("#stages > li.dragged")).hasCount(1);
        page.mouse().move(onto.x + 20, onto.y + 0.9 * onto.height);
        page.mouse().up();
    }

    private static final String TOLD = """
            okay so this is my plum and ginger sauce, it's for the duck
            so first off a tablespoon of oil in the pan and one red onion, chopped, and you cook that till it's soft, about eight minutes
            then ginger, a thumb of it, grated, and that goes in for a minute
            now six hundred grams of plums, stoned, and two hundred mils of red wine vinegar, no make that a hundred and fifty
            and some apple juice goes in, that's just to loosen it
            and some star anise goes in, and a hundred and twenty grams of brown sugar
            bring it up to a simmer and let it go for twenty minutes with the lid off till the plums have collapsed
            I forgot to say, a teaspoon of salt went in with the sugar
            blend it till it's smooth
            and then back on the heat and reduce it till the spoon leaves a track on the bottom of the pan, about ten minutes
            that's it. the duck's in the oven at two hundred for an hour
            """;

    /** From somebody talking to a pot: read, asked what was not said, planned, on the heat; by keys alone, and at both sizes. */
    @Test
    void aNarrationIsReadAskedPlannedAndCooked() {
        Page page = enter();
        page.navigate("/sauces/import");
        page.fill("textarea[name=pasted]", TOLD);
        page.click("text=Look at it");
        assertThat(page.locator("input[name=name]")).hasValue("Plum and ginger sauce");
        assertThat(page.locator(".read-stages")).containsText("Blend");
        assertThat(page.locator(".read-lines")).containsText("600 g plums");
        assertThat(page.locator(".read-lines")).containsText("152 g red wine vinegar");
        assertThat(page.locator("#left-h + ul")).containsText("oven");
        Browser.checkScreen(page);
        assertThat(page.locator(".asks")).containsText("How much apple juice?");
        assertThat(page.locator("input[name=answer]")).hasCount(2);
        page.locator("input[name=answer]").nth(0).fill("200 ml");
        page.locator("input[name=answer]").nth(1).fill("2");
        page.locator(".read-stages > li").last().focus();
        assertThat(page.locator(".source .lit").first()).isVisible();
        page.setViewportSize(390, 844);
        Browser.checkScreen(page);
        page.setViewportSize(1280, 800);
        page.locator("button[value=plan]").focus();
        page.keyboard().press("Enter");
        assertThat(page.locator(".saying").first()).containsText("Reduce");
        page.click("text=Start cooking");
        assertThat(page.locator("h1")).hasText("Plum and ginger sauce");
    }

    @Test
    void aSauceFromAnOutlineWithItsStagesMoved() {
        Page page = enter();
        page.navigate("/sauces");
        page.click("text=stew fruit, mill, reduce");
        assertThat(page.locator("#stages > li")).hasCount(4);
        page.fill("input[name=name]", "Rhubarb & ginger dip");
        String[] typed = {"1 kg rhubarb", "150 g sugar", "2 tbsp harbour tonic", "100 ml water"};
        for (int i = 0; i < typed.length; i++) {
            page.locator("#lines input[name=text]").nth(i).fill(typed[i]);
            page.locator("#lines input[name=text]").nth(i).press("Enter");
        }
        goesIn(page, 0, "rhubarb");
        goesIn(page, 0, "water");
        assertThat(page.locator(".warnings")).containsText("“150 g sugar” is used in no stage");
        goesIn(page, 2, "sugar");

        // One key opens the correction; the kitchen remembers the word.
        page.locator("#lines input[name=text]").nth(2).press("Alt+c");
        page.locator("input[name=food]").nth(2).fill("cider vinegar");
        page.locator("[data-remember]").nth(2).click();
        assertThat(page.locator("[data-remember]").nth(2)).containsText("“harbour tonic” is cider vinegar");
        assertThat(page.locator("[data-understood='2']")).containsText("cider vinegar");
        // A line by the pointer, and by keys.
        carry(page, "2 tbsp harbour tonic", 1);
        assertThat(page.locator("#stages > li").nth(1).locator("[data-line='2']"))
                .isFocused();
        page.locator("[data-line='2']").press("Alt+ArrowDown");
        assertThat(page.locator("#stages > li").nth(2).locator("[data-line='2']"))
                .isFocused();
        assertThat(page.locator("#whole")).containsText("all stages take about");
        assertThat(page.locator(".stage-says").nth(3)).containsText("step 6.5 served");

        // By keys, by button, by drag: the lines follow their stage.
        page.locator(".stage-no").nth(2).press("Alt+ArrowUp");
        assertThat(stageKind(page, 1)).hasValue("add");
        assertThat(page.locator("#lines select[name=lineStage]").nth(1)).hasValue("2");
        page.locator(".stage-more > summary").nth(1).click();
        page.locator("#stages [data-down]").nth(1).click();
        assertThat(stageKind(page, 2)).hasValue("add");
        drag(page, 0, 1);
        assertThat(stageKind(page, 1)).hasValue("simmer");
        assertThat(page.locator("#lines select[name=lineStage]").nth(0)).hasValue("2");
        page.locator(".stage-more > summary").nth(1).click();
        page.locator("#stages [data-up]").nth(1).click();
        Browser.checkScreen(page);
        page.click("text=Save");
        assertThat(page.locator(".saved")).isVisible();
        assertThat(stageKind(page, 0)).hasValue("simmer");

        page.click("text=Scale");
        assertThat(page.locator(".saying")).containsText("Everything times 2");
        page.locator("input[name=by][value=guests]").check();
        page.fill("input[name=guests]", "18");
        assertThat(page).hasURL(Pattern.compile("guests=18"));
        page.goBack();
        page.click("text=Swap an ingredient");
        page.selectOption("select[name=line]", "2");
        page.fill("input[name=to]", "lemon juice");
        page.click("text=What then?");
        assertThat(page.locator(".saying")).containsText("the same sharpness");
        page.click("text=Put it into the sauce");
        assertThat(page.locator("div.head")).containsText("version 2");
        page.click("text=version 2");
        assertThat(page.locator(".differs")).hasCount(2);
        Browser.checkScreen(page);
        page.locator("text=go back to this").first().click();
        assertThat(page.locator("#lines input[name=text]").nth(2)).hasValue("2 tbsp harbour tonic");
    }

    /** Whoever types quickly on a slow line gets the next line, and no sauce of one line is kept. */
    @Test
    void enterBeforeTheScriptIsThereGoesToTheNextLine() {
        Page page = browser.page(kitchen.url(), 1280, 800);
        page.addInitScript("delete Navigator.prototype.serviceWorker");
        kitchen.enter(page);
        List<Route> held = new ArrayList<>();
        page.route("**/js/sauce.js", held::add);
        page.navigate("/sauces/new", new Page.NavigateOptions().setWaitUntil(WaitUntilState.COMMIT));
        page.fill("input[name=name]", "Quick one");
        Locator lines = page.locator("#lines input[name=text]");
        lines.first().fill("1 kg quinces");
        lines.first().press("Enter");
        page.waitForCondition(() -> !held.isEmpty());
        held.forEach(Route::resume);
        assertThat(lines.nth(1)).isFocused();
        assertThat(lines.first()).hasValue("1 kg quinces");
        assertThat(page).hasURL(kitchen.url() + "/sauces/new");
    }

    @Test
    void anOutlinePutsEachLineWhereItsFoodGoesIn() {
        Page page = enter();
        page.navigate("/sauces/new");
        String[] typed = {"2 shallots", "150 ml white wine", "400 ml chicken stock", "100 ml double cream"};
        for (int i = 0; i < typed.length; i++) {
            page.locator("#lines input[name=text]").nth(i).fill(typed[i]);
            page.locator("#lines input[name=text]").nth(i).press("Enter");
        }
        assertThat(page.locator("[data-understood='3']")).containsText("double cream");
        settled(page);
        page.click("[data-outline=SWEAT_DEGLAZE]");
        for (int i = 0; i < typed.length; i++) {
            assertThat(page.locator("#lines select[name=lineStage]").nth(i)).hasValue(String.valueOf(i + 1));
        }
    }

    @Test
    void aRecipeIsLookedAtBeforeItIsKept() {
        Page page = enter();
        page.navigate("/sauces");
        page.click("text=Bring one in");
        page.fill(
                "textarea[name=pasted]",
                "{\"@type\":\"Recipe\",\"name\":\"Pear relish\",\"recipeIngredient\":[\"4 pears, cored\",\"100 g sugar\","
                        + "\"3 florbles of wurzle\"],\"recipeInstructions\":\"Cook it down.\"}");
        page.click("text=Look at it");
        assertThat(page.locator(".read-lines")).containsText("not understood");
        assertThat(page.locator(".read-stages")).containsText("Reduce");
        page.click("button[value=plan]");
        assertThat(page.locator(".fault")).containsText("Line 3");
        assertThat(page.locator("[data-understood='0']")).containsText("pears");
        page.locator("#lines input[name=text]").nth(2).fill("1 tbsp lemon juice");
        page.click("text=Save");
        assertThat(page.locator(".saved")).containsText("Saved");
        page.navigate("/sauces?q=relish");
        assertThat(page.locator(".book li")).hasCount(1);
    }

    @Test
    void theBenchAnswersAsOneTypesAndItsAddressIsTheQuestion() {
        Page page = enter();
        page.navigate("/bench");
        Browser.checkScreen(page);
        page.click("text=Thicken what I have");
        assertThat(page.locator(".saying")).containsText("g cornflour into");
        page.evaluate("window.stayed = true");
        page.fill("textarea[name=lines]", "1 litre stock");
        assertThat(page.locator(".three").first()).containsText("1,0");
        page.selectOption("select[name=starch]", "potato");
        assertThat(page.locator(".saying")).containsText("potato starch");
        page.selectOption("select[name=have]", "look");
        page.fill("input[name=looksStep]", "6");
        assertThat(page.locator("#answer .fault")).containsText("thin it instead");
        assertThat(page.evaluate("window.stayed")).isEqualTo(true);
        page.fill("input[name=looksStep]", "3");
        assertThat(page.locator(".saying")).containsText("potato starch");
        String said = page.locator(".saying").textContent();
        assertThat(page).hasURL(Pattern.compile("looksStep=3"));
        Page other = enter();
        other.navigate(page.url());
        assertThat(other.locator(".saying")).hasText(said);
        Browser.checkScreen(page);
        typedBeforeTheScriptIsThere();
    }

    /** On a slow line a page is typed into before what answers is loaded. What a service worker asks for could not be held here. */
    private static void typedBeforeTheScriptIsThere() {
        Page page = browser.page(kitchen.url(), 1280, 800);
        page.addInitScript("delete Navigator.prototype.serviceWorker");
        Browser.demo(page);
        List<Route> held = new ArrayList<>();
        page.route("**/js/live.js", held::add);
        page.navigate("/bench/thicken", new Page.NavigateOptions().setWaitUntil(WaitUntilState.COMMIT));
        page.fill("textarea[name=lines]", "1 litre stock");
        page.waitForCondition(() -> !held.isEmpty());
        held.forEach(Route::resume);
        assertThat(page.locator(".three").first()).containsText("1,0");
        assertThat(page.locator("textarea[name=lines]")).hasValue("1 litre stock");
    }

    @Test
    void labelsMeasuresPotsJarsAndAWaterTest() {
        Page page = enter();
        page.navigate("/larder");
        page.fill("input[name=q]", "tamarillo");
        page.press("input[name=q]", "Enter");
        page.click("text=tamarillos");
        assertThat(page.locator("svg.composition")).isVisible();
        page.navigate("/larder");
        page.fill("input[name=word]", "dipper");
        page.fill("input[name=ml]", "80");
        page.click("text=Keep it");
        assertThat(page.locator("#own")).containsText("dipper 80 mL");
        page.navigate("/bench/convert?line=two+dippers+of+water");
        assertThat(page.locator(".saying")).containsText("160 g of water");

        page.navigate("/kit");
        assertThat(page.locator("#answer")).containsText("drawn to scale");
        page.fill("input[name=top]", "220");
        page.fill("input[name=base]", "220");
        page.fill("input[name=height]", "100");
        page.fill("input[name=corner]", "45");
        assertThat(page.locator("#answer svg.section")).isVisible();
        assertThat(page.locator("#answer")).containsText("Holds 3.");
        page.fill("form#live input[name=name]", "Round-bottomed pan");
        page.fill("input[name=empty]", "1400");
        page.locator("form#live input[name=empty]").press("Enter");
        assertThat(page.locator(".pots")).containsText("Round-bottomed pan");
        page.fill("input[name=jarName]", "Squat jar");
        page.fill("#jars form.sheet input[name=count]", "12");
        page.fill("input[name=brimMl]", "140");
        page.click("text=Add the jars");
        assertThat(page.locator("#jars")).containsText("Squat jar");
        page.navigate("/bench/jars?hotMl=260");
        assertThat(page.locator(".saying")).containsText("Squat jar");

        page.navigate("/kit");
        page.fill("input[name=waterG]", "1500");
        page.click("text=Start ten minutes");
        assertThat(page.locator(".timer")).hasText(Pattern.compile("\\d:\\d\\d"));
        page.fill("input[name=endG]", "1400");
        page.click("text=That is what is left");
        assertThat(page.locator(".fault")).containsText("3 to 120");
        assertThat(page.locator("input[name=endG]")).hasValue("1400");
        Browser.checkScreen(page);
    }

    @Test
    void aRoastingPanAcrossTwoBurnersTakesASauceAndIsPlanned() {
        Page page = enter();
        page.navigate("/kit");
        page.check("input[name=outline][value=RECTANGULAR]");
        page.fill("input[name=top]", "380");
        page.fill("input[name=base]", "350");
        page.fill("input[name=topWidth]", "280");
        page.fill("input[name=baseWidth]", "250");
        page.fill("input[name=height]", "75");
        page.fill("input[name=corner]", "20");
        page.check("input[name=twoBurners]");
        assertThat(page.locator("#answer svg").first()).isVisible();
        assertThat(page.locator("#answer")).containsText("Holds 6.");
        page.fill("form#live input[name=name]", "Big roasting pan");
        page.fill("input[name=empty]", "1800");
        page.locator("form#live input[name=empty]").press("Enter");
        assertThat(page.locator(".pots")).containsText("Big roasting pan");

        page.navigate("/plan?sauce=" + kitchen.id(1));
        page.selectOption("select[name=pot]", new SelectOption().setLabel("Big roasting pan"));
        assertThat(page.locator("#answer .stagesec")).isVisible();
        String minutes = page.locator("#answer .three").first().textContent();
        assertThat(minutes).isNotBlank();
        Browser.checkScreen(page);
        page.click("text=Start cooking");
        assertThat(page.locator(".pothead")).containsText("Big roasting pan");
        assertThat(page.locator(".pot-left svg").first()).isVisible();
    }

    @Test
    void guestsTakeALotAndSomethingIsLeft() {
        Page page = enter();
        page.navigate("/plan?sauce=" + kitchen.id(1));
        assertThat(page.locator("select[name=appetite]")).isHidden();
        page.selectOption("select[name=by]", "GUESTS");
        page.fill("input[name=amount]", "20");
        assertThat(page.locator("#answer")).containsText("½ × as written");
        page.selectOption("select[name=appetite]", "BIG");
        assertThat(page.locator("#answer")).not().containsText("½ × as written");
        page.fill("input[name=left]", "lots");
        assertThat(page.locator("#answer .fault")).containsText("what is left over");
    }

    @Test
    void aGlazeInCoats() {
        Page page = enter();
        page.navigate("/bench/glaze");
        page.fill("textarea[name=lines]", "250 ml passata\n120 g honey\n60 ml soy sauce\n40 ml cider vinegar");
        page.selectOption("select[name=food]", "wings");
        page.fill("input[name=guests]", "6");
        assertThat(page.locator(".saying")).containsText("2 coats: the first");
        assertThat(page.locator("#answer")).containsText("Keep clean");
        assertThat(page.locator("#answer")).containsText("on the food, 20 mL beside it");
        assertThat(page.locator("#answer")).containsText("touched raw meat");
        assertThat(page.locator("#answer table.facts tbody tr")).hasCount(2);
        page.selectOption("select[name=heat]", "grill");
        page.fill("input[name=coats]", "8");
        assertThat(page.locator("#answer")).containsText("before the food is done");
        page.fill("input[name=coats]", "20");
        assertThat(page.locator("#answer .fault")).containsText("20");
        page.fill("input[name=coats]", "2");
        page.fill("textarea[name=lines]", "1 l chicken stock");
        assertThat(page.locator("#answer")).containsText("it runs off");
        assertThat(page.locator("#answer")).containsText("it dries dull");
        Browser.checkScreen(page);
    }
}
