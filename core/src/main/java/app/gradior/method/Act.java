package app.gradior.method;

import java.util.EnumSet;
import java.util.Set;

/** What a clause tells a cook to do, by its words. */
enum Act {
    WARN(
            "^(?:but |and |please )?(?:do not|dont|never|avoid|be careful|no need|resist)\\b|\\bdo not be tempted\\b|\\bnot to\\b"),
    MEAL(
            "\\b(?:1[4-9]\\d|2[0-5]\\d) degc\\b|\\b(?:27[5-9]|[3-4]\\d\\d|500) degf\\b|\\b(?:oven|preheat|roasting|roast|bake|baking|broiler|pasta water on|tagliatelle|spaghetti|for the mash|mashed potato|to serve|serve|served|serving|great on"
                    + "|good with|good w|enough for|brush it|(?:^|and |then |to )spoon (?:it|over|the|some)|(?<!goe )(?<!go )over the top|on the side|guest|dinner|eat this|eats this|have it with|having it|tablecloth|sausage|rice(?! (?:vinegar|wine|flour|syrup))|tortilla|wash up|washing)\\b"),
    KEEPING(
            "\\b(?:(?:itll|it will|will) (?:sit|hold|wait|keep)|left over|keeps?(?! (?:on )?(?:whisk|stir|mov|an eye|it mov|it bubbl|it at|it go|them mov|going|scrap|turn|the heat|heat|boil|simmer|cook|push|press))|leftover|leftovers|refrigerate|freeze|freezes|freezer|fridge|refrigerator|store|stored|week|month)\\b"),
    BESIDE(
            "^(?:soak|weigh your|weigh the empty|write|open a window|preheat|wash|rinse|dry|line a|sterilise|sterilize|prepare)\\b"),
    PACK(
            "^(?:bottle|jar)\\b(?! of)|\\bin(?:to)? (?:a |the |some |clean |hot |warm |sterili[sz]ed )*jar\\b|\\b(?:bottle (?:hot|it|while)|then jar|goe in (?:a |the |some |clean )*(?:jar|bottle)|into (?:the |a |hot |clean |warm |sterili[sz]ed )*(?:jar|bottle)|jar it|pot up|(?:transfer|decant) (?:it )?(?:in)?to (?:\\w+ ){0,3}(?:jar|bottle)|fill (?:the |your )?(?:jar|bottle))\\b|^fill (?:to|up to)\\b|\\bseal (?:while|them|hot|at once)\\b"),
    MILL("\\b(?:food mill|mouli|through (?:the |a )?(?:fine |coarse |medium )?(?:disk|disc|mill))\\b"),
    SIEVE("\\b(?:strain|sieve|strainer|colander|chinois|cheesecloth)\\b"),
    BLEND(
            "\\bmash (?:it|them|everything|the)\\b|\\b(?:blend|blender|whizz|blitz|liquidi[sz]e|food processor|immersion)\\b|^(?:puree|process)\\b|(?<!tomato )\\bpuree (?:in|until|it|the|everything)\\b"),
    COOL(
            "^(?:cool|chill)\\b|\\bcools? (?:on|down|off|completely)\\b|\\b(?:let|leave|allow)\\b.{0,40}\\b(?:cool|cold|chill)\\b"),
    REST(
            "^(?:rest|stand)\\b(?! back| there)|\\b(?:let|leave|allow|set)\\b.{0,40}\\b(?:stand|rest|sit|settle|infuse|steep|aside)\\b|\\bstand(?:s)? (?:off|for)\\b"),
    TAKE_OUT(
            "^(?:remove|discard)\\b|\\b(?:take|lift|pick|fish|pull|scoop|get|dig|hoick|lifted|remove)\\b.{0,60}\\bout\\b|\\b(?:take|fish|pick|lift|get) out\\b|\\bout (?:come|goe|go|with)\\b|^(?:the |that |those )?(?:\\w+ ){1,3}out(?: now)?$"),
    PUT_BACK(
            "\\b(?:return|put|tip|stir|slide|drop|goe?)\\b.{0,40}\\b(?:back|return)\\b|^return\\b|\\bback in(?:to)?\\b"),
    /** What it does in the cold, by itself. */
    SETS(
            "\\b(?:thicken|set|stiffen|firm)(?:s|ed|ing)? (?:up |more |further |slightly |considerably |a (?:bit|little|lot|fair bit|good bit) (?:more )?|again )*(?:as|when|once|while|on|in) (?:it |they |the |its )?(?:\\w+ )?(?:cool|cold|stand|standing|sit|rest|chill|fridge|refrigerator|bottle|jar|settle)\\w*"),
    COOK(
            "\\b(?:simmer|boil|bubble|bubbling|reduce|cook|soften|sweat|fry|saute|sauteed|(?<!the )(?<!dark )(?<!light )(?<!soft )(?<!of )brown(?! (?:sugar|onion|rice|mustard|sauce|ale|lentil|bread|stock|flour))|toast|stew|caramelise|caramelize|turn (?:\\w+ )?(?:amber|golden)|poach|render|sizzle|crisp"
                    + "|tick over|blip|warm through|heat through|thicken|boiling(?! (?:water|stock|hot|point))|simmering|reducing|frying|let it go|let that go|(?:let|leave) (?:it|them|that) colou?r|cooking)\\b"),
    ADD(
            "\\b(?:add|put|place|tip|pour|stir|mix|throw|drop|scatter|sprinkle|melt|heat|warm|combine|whisk|swirl|beat|fold|season|taste|finish|grind"
                    + "|squeeze|loosen|sharpen|trickle|drizzle|crush|crumble|dissolve|scrape|go|goe|goes|in)\\b");

    private final AtWords words;

    Act(String words) {
        this.words = new AtWords(words);
    }

    /** All that a text says. */
    static Set<Act> in(String norm) {
        Set<Act> acts = EnumSet.noneOf(Act.class);
        for (Act act : values()) {
            if (act.isIn(norm)) {
                acts.add(act);
            }
        }
        return acts;
    }

    boolean isIn(String norm) {
        return words.isIn(norm);
    }
}
