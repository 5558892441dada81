import { Suspense } from 'react'
import { Route, Switch, useLocation } from 'wouter'
import { BoardPage } from './board/BoardPage'
import { OnlyWhenSafe } from './machine/OnlyWhenSafe'
import { useUnitsKey } from './shop/units'
import { Coming } from './ui/Notice'
import { page, PageBoundary } from './ui/page'
import { Shell } from './ui/Shell'

// A page is fetched when it is opened; the board, where every day begins, comes with the first load.
const AnglePage = page(() => import('./angle/AnglePage').then((m) => ({ default: m.AnglePage })))
const BalancePage = page(() => import('./balance/BalancePage').then((m) => ({ default: m.BalancePage })))
const BenchPage = page(() => import('./bench/BenchPage').then((m) => ({ default: m.BenchPage })))
const DayPage = page(() => import('./day/DayPage').then((m) => ({ default: m.DayPage })))
const TabletsPage = page(() => import('./access/TabletsPage').then((m) => ({ default: m.TabletsPage })))
const ChangesPage = page(() => import('./change/ChangesPage').then((m) => ({ default: m.ChangesPage })))
const ChapterPage = page(() => import('./guide/GuidePage').then((m) => ({ default: m.ChapterPage })))
const GuidePage = page(() => import('./guide/GuidePage').then((m) => ({ default: m.GuidePage })))
const WholeGuidePage = page(() => import('./guide/GuidePage').then((m) => ({ default: m.WholeGuidePage })))
const TestPage = page(() => import('./edgetest/TestPage').then((m) => ({ default: m.TestPage })))
const FinishPage = page(() => import('./finish/FinishPage').then((m) => ({ default: m.FinishPage })))
const FirstPage = page(() => import('./first/FirstPage').then((m) => ({ default: m.FirstPage })))
const HouseRulesPage = page(() =>
  import('./houserule/HouseRulesPage').then((m) => ({ default: m.HouseRulesPage })),
)
const KitPage = page(() => import('./kit/KitPage').then((m) => ({ default: m.KitPage })))
const LogPage = page(() => import('./log/LogPage').then((m) => ({ default: m.LogPage })))
const UpkeepPage = page(() => import('./upkeep/UpkeepPage').then((m) => ({ default: m.UpkeepPage })))
const InspectPage = page(() => import('./machine/InspectPage').then((m) => ({ default: m.InspectPage })))
const MachinePage = page(() => import('./machine/MachinePage').then((m) => ({ default: m.MachinePage })))
const PlanPage = page(() => import('./plan/PlanPage').then((m) => ({ default: m.PlanPage })))
const SchoolsPage = page(() => import('./plan/SchoolsPage').then((m) => ({ default: m.SchoolsPage })))
const ProfilePage = page(() => import('./profile/ProfilePage').then((m) => ({ default: m.ProfilePage })))
const RackPage = page(() => import('./rack/RackPage').then((m) => ({ default: m.RackPage })))
const EntryPage = page(() => import('./reference/EntryPage').then((m) => ({ default: m.EntryPage })))
const ReferencePage = page(() =>
  import('./reference/ReferencePage').then((m) => ({ default: m.ReferencePage })),
)
const RehearsePage = page(() => import('./rehearsal/RehearsePage').then((m) => ({ default: m.RehearsePage })))
const RepairPage = page(() => import('./repair/RepairPage').then((m) => ({ default: m.RepairPage })))
const ShopPage = page(() => import('./shop/ShopPage').then((m) => ({ default: m.ShopPage })))
const SurveyPage = page(() => import('./survey/SurveyPage').then((m) => ({ default: m.SurveyPage })))
const TakeInPage = page(() => import('./takein/TakeInPage').then((m) => ({ default: m.TakeInPage })))
const TrainingPage = page(() => import('./training/TrainingPage').then((m) => ({ default: m.TrainingPage })))
const NewTrialPage = page(() => import('./trial/NewTrialPage').then((m) => ({ default: m.NewTrialPage })))
const PreparePage = page(() => import('./trial/PreparePage').then((m) => ({ default: m.PreparePage })))
const NewTicketPage = page(() => import('./ticket/NewTicketPage').then((m) => ({ default: m.NewTicketPage })))
const TicketPage = page(() => import('./ticket/TicketPage').then((m) => ({ default: m.TicketPage })))
const TicketsPage = page(() => import('./ticket/TicketsPage').then((m) => ({ default: m.TicketsPage })))
const TrialPage = page(() => import('./trial/TrialPage').then((m) => ({ default: m.TrialPage })))
const TrialsPage = page(() => import('./trial/TrialsPage').then((m) => ({ default: m.TrialsPage })))
const ToolBench = page(() => import('./tool/ToolHub').then((m) => ({ default: m.ToolBench })))
const ToolHub = page(() => import('./tool/ToolHub').then((m) => ({ default: m.ToolHub })))

/** Every place has an address of its own; the bench fills the screen. */
export function App() {
  const [at] = useLocation()
  const units = useUnitsKey()
  return (
    <PageBoundary key={units} at={at}>
      <Suspense fallback={<Coming />}>
        <Switch>
          <Route path="/bench/:id">{(p) => <BenchPage key={p.id} sessionId={p.id} />}</Route>
          <Route>
            <Shell>
              <PageBoundary at={at}>
                <Suspense fallback={<Coming />}>
                  <Switch>
                    <Route path="/" component={BoardPage} />
                    <Route path="/day" component={DayPage} />
                    <Route path="/rack" component={RackPage} />
                    <Route path="/kit" component={KitPage} />
                    <Route path="/house-rules">{() => <HouseRulesPage />}</Route>
                    <Route path="/tools/:id/house-rules">
                      {(p) => <HouseRulesPage key={p.id} toolId={p.id} />}
                    </Route>
                    <Route path="/reference" component={ReferencePage} />
                    <Route path="/reference/:id">{(p) => <EntryPage key={p.id} id={p.id} />}</Route>
                    <Route path="/tickets" component={TicketsPage} />
                    <Route path="/tickets/new" component={NewTicketPage} />
                    <Route path="/tickets/:id">{(p) => <TicketPage key={p.id} id={p.id} />}</Route>
                    <Route path="/trials" component={TrialsPage} />
                    <Route path="/trials/new" component={NewTrialPage} />
                    <Route path="/trials/:id">{(p) => <TrialPage key={p.id} id={p.id} />}</Route>
                    <Route path="/trials/:id/prepare">{(p) => <PreparePage key={p.id} id={p.id} />}</Route>
                    <Route path="/training" component={TrainingPage} />
                    <Route path="/shop" component={ShopPage} />
                    <Route path="/guide" component={GuidePage} />
                    <Route path="/guide/all" component={WholeGuidePage} />
                    <Route path="/guide/:id">{(p) => <ChapterPage key={p.id} id={p.id} />}</Route>
                    <Route path="/tablets" component={TabletsPage} />
                    <Route path="/changes" component={ChangesPage} />
                    <Route path="/first" component={FirstPage} />
                    <Route path="/take-in">{() => <TakeInPage />}</Route>
                    <Route path="/tools/:id">{(p) => <ToolHub key={p.id} toolId={p.id} />}</Route>
                    <Route path="/tools/:id/take-in">{(p) => <TakeInPage key={p.id} toolId={p.id} />}</Route>
                    <Route path="/tools/:id/survey">
                      {(p) => (
                        <OnlyWhenSafe key={p.id} toolId={p.id} at="SURVEY">
                          <SurveyPage toolId={p.id} />
                        </OnlyWhenSafe>
                      )}
                    </Route>
                    <Route path="/tools/:id/profile">
                      {(p) => (
                        <OnlyWhenSafe key={p.id} toolId={p.id} at="SURVEY">
                          <ProfilePage toolId={p.id} />
                        </OnlyWhenSafe>
                      )}
                    </Route>
                    <Route path="/tools/:id/repair">
                      {(p) => (
                        <OnlyWhenSafe key={p.id} toolId={p.id} at="SURVEY">
                          <RepairPage toolId={p.id} />
                        </OnlyWhenSafe>
                      )}
                    </Route>
                    <Route path="/tools/:id/angle">
                      {(p) => (
                        <OnlyWhenSafe key={p.id} toolId={p.id} at="ANGLE">
                          <AnglePage toolId={p.id} />
                        </OnlyWhenSafe>
                      )}
                    </Route>
                    <Route path="/tools/:id/plan">
                      {(p) => (
                        <OnlyWhenSafe key={p.id} toolId={p.id} at="PLAN">
                          <PlanPage toolId={p.id} />
                        </OnlyWhenSafe>
                      )}
                    </Route>
                    <Route path="/tools/:id/rehearse">
                      {(p) => <RehearsePage key={p.id} toolId={p.id} />}
                    </Route>
                    <Route path="/tools/:id/schools">
                      {(p) => (
                        <OnlyWhenSafe key={p.id} toolId={p.id} at="PLAN">
                          <SchoolsPage toolId={p.id} />
                        </OnlyWhenSafe>
                      )}
                    </Route>
                    <Route path="/tools/:id/bench">
                      {(p) => (
                        <OnlyWhenSafe key={p.id} toolId={p.id} at="BENCH">
                          <ToolBench toolId={p.id} />
                        </OnlyWhenSafe>
                      )}
                    </Route>
                    <Route path="/tools/:id/machine">{(p) => <MachinePage key={p.id} toolId={p.id} />}</Route>
                    <Route path="/tools/:id/inspect">{(p) => <InspectPage key={p.id} toolId={p.id} />}</Route>
                    <Route path="/tools/:id/balance">
                      {(p) => (
                        <OnlyWhenSafe key={p.id} toolId={p.id} at="BALANCE">
                          <BalancePage toolId={p.id} />
                        </OnlyWhenSafe>
                      )}
                    </Route>
                    <Route path="/tools/:id/test">
                      {(p) => (
                        <OnlyWhenSafe key={p.id} toolId={p.id} at="TEST">
                          <TestPage toolId={p.id} />
                        </OnlyWhenSafe>
                      )}
                    </Route>
                    <Route path="/tools/:id/finish">
                      {(p) => (
                        <OnlyWhenSafe key={p.id} toolId={p.id} at="LOG">
                          <FinishPage toolId={p.id} />
                        </OnlyWhenSafe>
                      )}
                    </Route>
                    <Route path="/tools/:id/upkeep">{(p) => <UpkeepPage key={p.id} toolId={p.id} />}</Route>
                    <Route path="/tools/:id/log">{(p) => <LogPage key={p.id} toolId={p.id} />}</Route>
                    <Route>
                      <h1 className="text-xl font-semibold mt-8">There is nothing at this address</h1>
                      <p className="mt-2">Go back to the bench board and start from the tool.</p>
                    </Route>
                  </Switch>
                </Suspense>
              </PageBoundary>
            </Shell>
          </Route>
        </Switch>
      </Suspense>
    </PageBoundary>
  )
}
