package oilcloth.server.web;

import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.servers.Server;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** Says in the OpenAPI document what the records mean: every component is there, and these may be null. */
@Configuration
class ApiDescription {
    private static final Set<String> MAY_BE_NULL = Set.of(
            "Assertion.at",
            "BandEntry.toFt",
            "Details.altitudeFt",
            "Details.canner",
            "Details.contact",
            "Details.jarsOutAt",
            "Details.language",
            "DeskNotes.assignedTo",
            "DeskNotes.followUp",
            "DeskView.assignedTo",
            "DeskView.followUp",
            "DeskView.wroteBackAt",
            "Line.answeredAt",
            "Line.assignedTo",
            "Line.followUp",
            "Line.wroteBackAt",
            "Other.answerId",
            "JobWish.caseId",
            "JobWish.jar",
            "JobWish.recipe",
            "Asked.jarsOutAt",
            "Asked.website",
            "Draft.altitudeFt",
            "Exercise.altitudeFt",
            "ExerciseLine.best",
            "ImportLine.caseId",
            "MarkDoc.end",
            "MarkDoc.start",
            "PrivateAnswer.deadline",
            "PrivateAnswer.letter",
            "PrivateAnswer.signedAt",
            "Run.finishedAt",
            "CaseChange.draftedAt",
            "SeasonDoc.medianHours",
            "CaseOut.altitudeFt",
            "CaseOut.jarsOutAt",
            "AnswerOut.reopenedAt",
            "PersonLine.codeUntil",
            "PlanWish.doneBy",
            "PlanWish.start",
            "PersonLine.leftAt",
            "SetAsideView.takenBackAt",
            "SetAsideView.takenBackBy",
            "FindingDoc.correction",
            "FoodEntry.cupsPerMedium",
            "FoodEntry.gramsPerCup",
            "IngredientDoc.amount",
            "JarEntry.confidence",
            "JarEntry.minutes",
            "JarEntry.proof",
            "JarEntry.source",
            "JarsDoc.by",
            "LikenessDoc.brinePercent",
            "LikenessDoc.testedBrinePercent",
            "Line.altitudeFt",
            "Line.jarsOutAt",
            "LoggedCall.altitudeFt",
            "LoggedCall.process",
            "PhoneAnswerDoc.acidPerJar",
            "PhoneAnswerDoc.advisedMinutes",
            "PhoneAnswerDoc.boilingF",
            "PhoneAnswerDoc.byBandsMinutes",
            "PhoneAnswerDoc.byThousandsMinutes",
            "PhoneAnswerDoc.jarRow",
            "PhoneAnswerDoc.minutes",
            "PhoneAnswerDoc.psi",
            "PhoneAnswerDoc.psiWeighted",
            "PhoneAnswerDoc.recipe",
            "PhoneAnswerDoc.recipeName",
            "PhoneAnswerDoc.steamCanner",
            "PhoneAnswerDoc.sterilise",
            "PhoneAnswered.place",
            "PhoneAskDoc.figures",
            "PhoneDocument.none",
            "Place.edgeFeet",
            "Placed.likeness",
            "Placed.process",
            "Placed.recipe",
            "Placed.title",
            "ReadingEntry.secondOn",
            "ReadingEntry.secondReader",
            "RecipeEntry.confidence",
            "RecipeEntry.proof",
            "ReplyView.editedAt",
            "ReplyView.editedBy",
            "RequiredDoc.acidPerJar",
            "RequiredDoc.leastMinutes",
            "RequiredDoc.minutes",
            "RequiredDoc.psi",
            "ReviewDocument.altitudeFt",
            "AnswerView.reopenedAt",
            "AnswerView.reopenedBy",
            "AnswerView.reopenedWhy",
            "AnswerView.sentAt",
            "AnswerView.sentBy",
            "AnswerView.sentTo",
            "Checked.brokenAt",
            "Deed.caseId",
            "CorrectionsDocument.soFar",
            "InsteadDoc.factor",
            "InsteadDoc.recipe",
            "IngredientDoc.figure",
            "IngredientDoc.unit",
            "Tried.altitudeFt",
            "ReviewDocument.corrected",
            "ReviewDocument.file",
            "ReviewDocument.jars",
            "ReviewDocument.required",
            "ReviewDocument.sheet",
            "RowFigure.printed",
            "RowLine.reader",
            "RungDoc.psi",
            "RungDoc.toFt",
            "SaidDoc.end",
            "SaidDoc.quote",
            "SaidDoc.start",
            "SaidDoc.textSays",
            "ScaledLine.amount",
            "ScaledView.brinePercent",
            "ScaledView.jars",
            "SheetLineDoc.cups",
            "SheetLineDoc.percent",
            "SheetLineDoc.scaled",
            "SheetLineDoc.stated",
            "SheetLineDoc.tested",
            "StatedDoc.headspaceLeastIn",
            "StatedDoc.headspaceMostIn",
            "StatedDoc.jar",
            "StatedDoc.method",
            "StatedDoc.minutes",
            "StatedDoc.psi",
            "UnderstoodDoc.altitudeFt",
            "UnderstoodDoc.food",
            "UnderstoodDoc.form",
            "UnderstoodDoc.gauge",
            "UnderstoodDoc.jar",
            "UnderstoodDoc.liquid",
            "UnderstoodDoc.method",
            "UnderstoodDoc.pack");

    @Bean
    OpenApiCustomizer everythingIsThere() {
        return api -> {
            api.setServers(List.of(new Server().url("/")));
            api.getComponents().getSchemas().forEach(ApiDescription::complete);
        };
    }

    @SuppressWarnings({"rawtypes", "unchecked"}) // the OpenAPI model hands its properties out raw
    private static void complete(String name, Schema schema) {
        Map<String, Schema> properties = schema.getProperties();
        if (properties == null) {
            return;
        }
        schema.setRequired(new ArrayList<>(properties.keySet()));
        properties.replaceAll((property, of) -> {
            // a figure is a number or a word
            if (of.getAdditionalProperties() instanceof Schema) {
                of.setAdditionalProperties(true);
            }
            if (!MAY_BE_NULL.contains(name + "." + property)) {
                return of;
            }
            // a reference takes no sibling, so it is wrapped
            Schema nullable = of.get$ref() == null ? of : new Schema<>().allOf(List.of(of));
            return nullable.nullable(true);
        });
    }
}
