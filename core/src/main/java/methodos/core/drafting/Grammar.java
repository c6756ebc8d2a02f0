package methodos.core.drafting;

import java.util.Set;
import methodos.core.vocabulary.WordSet;

/** The small words of English, which name nothing and hold the sentence together. */
final class Grammar {

    static final Set<String> FILLERS =
            WordSet.of(
                    "um uh eh er erm ah oh well like yeah yes okay ok alright hmm mm huh right folks");
    static final Set<String> ARTICLES = WordSet.of("the a an");
    static final Set<String> DETERMINERS =
            WordSet.of(
                    "the a an this that these those your my our his her its their each every all"
                            + " both any some another other no either neither one same");
    static final Set<String> OBJECTS =
            WordSet.of(
                    "it them this that these those him her me us you everything both one ones each");
    static final Set<String> SUBJECTS = WordSet.of("you we i they he she it youre were im theyre");
    static final Set<String> MODALS =
            WordSet.of(
                    "to can could will would shall should must may might gonna ill youll well"
                            + " wed youd id cant please just always also lets never dont not"
                            + " doesnt didnt wont mustnt shouldnt cannot do does did youve ive");
    static final Set<String> BE = WordSet.of("is are be been being was were am gets get got");
    static final Set<String> EXPECT =
            WordSet.of("should must shall ought may has have needs need want wants expect accept");
    static final Set<String> PREPOSITIONS =
            WordSet.of(
                    "of from with without in into inside on onto upon to toward towards at by for"
                            + " against under underneath below beneath over above around round about"
                            + " between behind across along beside near through throughout off than"
                            + " as per via using within past till until during");
    static final Set<String> PARTICLES =
            WordSet.of(
                    "off out away in on up down back apart together through over loose open home");
    static final Set<String> CONJUNCTIONS =
            WordSet.of(
                    "and or but because if when once unless until before after while so then that"
                            + " which who where whether how what why than otherwise plus though");
    static final Set<String> ADVERBS =
            WordSet.of(
                    "straight slowly slow gently evenly crosswise diagonally alternately carefully again now next first last then here"
                            + " there too somewhere anywhere very really just only still already once twice well right"
                            + " completely fully all halfway sideways upwards downwards outwards"
                            + " inwards forward forwards backwards clockwise anticlockwise properly"
                            + " quickly easily lightly firmly tight tightly loosely dry wet alone"
                            + " equal equally exactly nearly almost even maybe perhaps quite pretty"
                            + " enough later afterwards beforehand overnight outside outdoors"
                            + " yourself themselves itself please aside hard soft flat flush square"
                            + " squarely nicely simply also always never usually often sometimes"
                            + " today tomorrow yesterday away upside");
    static final Set<String> AUXILIARIES =
            WordSet.of(
                    "is are was were be been being am do does did has have had can could will would"
                            + " shall should may might must dont doesnt didnt wont cant isnt arent"
                            + " wasnt not its thats theres heres theyre youre were im ive youve weve"
                            + " ill youll itll theyll wouldnt shouldnt mustnt couldnt lets aint got goes comes going ought");
    static final Set<String> PRONOUNS =
            WordSet.of(
                    "whats i you we they he she it me him her us them who somebody someone anybody anyone"
                            + " nobody everybody everyone something anything nothing everything"
                            + " yourself itself myself shes hes youd wed id theyd itd");

    /** Said of a part without telling which part it is. */
    static final Set<String> EVALUATIVE =
            WordSet.of(
                    "little big old new small long short tiny nice huge great good bad thin thick"
                            + " other same whole entire special proper fresh clean used right"
                            + " next first second third last final own actual real normal ordinary"
                            + " different few single main dirty rusty silly heavy fine original empty"
                            + " very bloody lovely wee dear damn outer-most little complete remaining"
                            + " torn worn damaged spare tired knackered shot finished loose tight safe bigger smaller larger older newer longer shorter");

    /** Words that the tagger likes to take for nouns. */
    static final Set<String> NEVER_NAMES =
            WordSet.of(
                    "breaks cracks scratches melts tears swells mushrooms ruins shows reads means says say said knows know much many thousand hundred comma oh remember listen bye sorry literally careful ready sure able stiff thanks lots"
                            + " anticlockwise clockwise times hello really pitched tight loose shut"
                            + " closed stuck glad proud seized done gone fine actually basically"
                            + " maximum minimum max min exactly look twice more less much enough size");

    /** Nouns of which none is a part. */
    static final Set<String> NO_PARTS =
            WordSet.of(
                    "thing things bit way ways time times lot kind sort job step steps go place hand"
                            + " hands finger fingers thumb eye eyes face-shield toe toes person"
                            + " persons people mate colleague friend helper somebody turn turns"
                            + " minute minutes second seconds hour hours day days week year degree"
                            + " degrees number numbers value order idea reason problem point rest"
                            + " film smear drop drops dab touch everybody anything nothing half"
                            + " third quarter bottom top end front rear left right hour moment"
                            + " course fact case-of while fun mind trick luck millimetre millimetres"
                            + " mm inch inches newton clockwise anticlockwise goggles glasses gloves"
                            + " glove eye-protection protection care sense trouble mistake today noise"
                            + " one ones less more anything bin cross star pattern two three four five six seven eight nine ten pair couple"
                            + " piece pieces direction wear leaks leak home force load push pull call turn spin check run start stop try drop knock hit trip position use purpose corner corners anybody man"
                            + " woman lad guy fella kid man-next folks student apprentice it them they you we i");

    /** Nouns that are parts with a word in front: "tool rest", "cap end". */
    static final Set<String> ENDS =
            WordSet.of(
                    "rest end top bottom point drop direction use position half quarter front rear");

    /** Nouns that stand for the thing behind their "of". */
    static final Set<String> PARTITIVE =
            WordSet.of(
                    "bit lot kind sort piece drop drops smear film dab little pair couple set touch"
                            + " bead coat layer rest half end ends tip edge edges side sides inside"
                            + " outside top bottom surface middle position height weight"
                            + " amount head-of row pack one each all both any some either none most"
                            + " part corner back front centre center length width rim mouth diameter thickness float clearance depth play runout backlash resistance");

    private Grammar() {}
}
