import type { Knex } from 'knex'
import * as house from './001_house.ts'
import * as asks from './002_asks.ts'
import * as passages from './003_passages.ts'
import * as bench from './004_bench.ts'
import * as market from './005_market.ts'
import * as verdict from './006_verdict.ts'
import * as fieldTerms from './007_field_terms.ts'
import * as safekeeping from './008_safekeeping.ts'
import * as summaries from './009_summaries.ts'
import * as methodEdition from './010_method_edition.ts'
import * as coarseReadings from './011_coarse_readings.ts'
import * as specimenCondition from './012_specimen_condition.ts'
import * as handStudies from './013_hand_studies.ts'
import * as sheetHeadings from './014_sheet_headings.ts'
import * as comparisons from './015_comparisons.ts'
import * as claimsAndPricesOfARevision from './016_claims_and_prices_of_a_revision.ts'
import * as demoApart from './017_demo_apart.ts'
import * as thirdEdition from './018_third_edition.ts'
import * as loansAndConditions from './019_loans_and_conditions.ts'
import * as absoluteWords from './020_absolute_words.ts'
import * as availability from './021_availability.ts'
import * as partCalls from './022_part_calls.ts'
import * as reportedAndSeams from './023_reported_and_seams.ts'
import * as owedPredictedAsked from './024_owed_predicted_asked.ts'
import * as namesMakersOils from './025_names_makers_oils.ts'
import * as endOfAReading from './026_end_of_a_reading.ts'
import * as sizeClasses from './027_size_classes.ts'
import * as exhibits from './028_exhibits.ts'
import * as fifthEdition from './029_fifth_edition.ts'
import * as engineHours from './030_engine_hours.ts'
import * as trashAndTags from './031_trash_and_tags.ts'
import * as swapTests from './032_swap_tests.ts'
import * as fitments from './033_fitments.ts'
import * as dateCodes from './034_date_codes.ts'
import * as knownGood from './035_known_good.ts'
import * as roomAndMounting from './036_room_and_mounting.ts'
import * as replacements from './037_replacements.ts'
import * as reviews from './038_reviews.ts'
import * as settledByReview from './039_settled_by_review.ts'
import * as privateShops from './040_private_shops.ts'
import * as cameraPauses from './041_camera_pauses.ts'
import * as plan from './042_plan.ts'

const migrations: Record<string, Knex.Migration> = {
  '001_house': house,
  '002_asks': asks,
  '003_passages': passages,
  '004_bench': bench,
  '005_market': market,
  '006_verdict': verdict,
  '007_field_terms': fieldTerms,
  '008_safekeeping': safekeeping,
  '009_summaries': summaries,
  '010_method_edition': methodEdition,
  '011_coarse_readings': coarseReadings,
  '012_specimen_condition': specimenCondition,
  '013_hand_studies': handStudies,
  '014_sheet_headings': sheetHeadings,
  '015_comparisons': comparisons,
  '016_claims_and_prices_of_a_revision': claimsAndPricesOfARevision,
  '017_demo_apart': demoApart,
  '018_third_edition': thirdEdition,
  '019_loans_and_conditions': loansAndConditions,
  '020_absolute_words': absoluteWords,
  '021_availability': availability,
  '022_part_calls': partCalls,
  '023_reported_and_seams': reportedAndSeams,
  '024_owed_predicted_asked': owedPredictedAsked,
  '025_names_makers_oils': namesMakersOils,
  '026_end_of_a_reading': endOfAReading,
  '027_size_classes': sizeClasses,
  '028_exhibits': exhibits,
  '029_fifth_edition': fifthEdition,
  '030_engine_hours': engineHours,
  '031_trash_and_tags': trashAndTags,
  '032_swap_tests': swapTests,
  '033_fitments': fitments,
  '034_date_codes': dateCodes,
  '035_known_good': knownGood,
  '036_room_and_mounting': roomAndMounting,
  '037_replacements': replacements,
  '038_reviews': reviews,
  '039_settled_by_review': settledByReview,
  '040_private_shops': privateShops,
  '041_camera_pauses': cameraPauses,
  '042_plan': plan,
}

/** Their names, in the order in which they run. */
export const migrationNames = Object.keys(migrations)

/** Migrations as modules, so that they are part of the build. */
export const migrationSource: Knex.MigrationSource<string> = {
  getMigrations: () => Promise.resolve(migrationNames),
  getMigrationName: (name) => name,
  getMigration: (name) => Promise.resolve(migrations[name] ?? unknownMigration(name)),
}

function unknownMigration(name: string): never {
  throw new Error(`There is no migration "${name}"`)
}
