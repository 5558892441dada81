import { Route, Switch } from 'wouter'
import { AnglePage } from './angle/AnglePage'
import { BalancePage } from './balance/BalancePage'
import { BenchPage } from './bench/BenchPage'
import { BoardPage } from './board/BoardPage'
import { TestPage } from './edgetest/TestPage'
import { FinishPage } from './finish/FinishPage'
import { HouseRulesPage } from './houserule/HouseRulesPage'
import { KitPage } from './kit/KitPage'
import { LogPage } from './log/LogPage'
import { Door } from './machine/Door'
import { InspectPage } from './machine/InspectPage'
import { MachinePage } from './machine/MachinePage'
import { PlanPage } from './plan/PlanPage'
import { SchoolsPage } from './plan/SchoolsPage'
import { ProfilePage } from './profile/ProfilePage'
import { RackPage } from './rack/RackPage'
import { EntryPage } from './reference/EntryPage'
import { ReferencePage } from './reference/ReferencePage'
import { RepairPage } from './repair/RepairPage'
import { SurveyPage } from './survey/SurveyPage'
import { TakeInPage } from './takein/TakeInPage'
import { ToolBench, ToolHub } from './tool/ToolHub'
import { Shell } from './ui/Shell'

/** Every place has an address of its own; the bench fills the screen. */
export function App() {
  return (
    <Switch>
      <Route path="/bench/:id">{(p) => <BenchPage key={p.id} sessionId={p.id} />}</Route>
      <Route>
        <Shell>
          <Switch>
            <Route path="/" component={BoardPage} />
            <Route path="/rack" component={RackPage} />
            <Route path="/kit" component={KitPage} />
            <Route path="/house-rules">{() => <HouseRulesPage />}</Route>
            <Route path="/tools/:id/house-rules">{(p) => <HouseRulesPage key={p.id} toolId={p.id} />}</Route>
            <Route path="/reference" component={ReferencePage} />
            <Route path="/reference/:id">{(p) => <EntryPage key={p.id} id={p.id} />}</Route>
            <Route path="/take-in">{() => <TakeInPage />}</Route>
            <Route path="/tools/:id">{(p) => <ToolHub key={p.id} toolId={p.id} />}</Route>
            <Route path="/tools/:id/take-in">{(p) => <TakeInPage key={p.id} toolId={p.id} />}</Route>
            <Route path="/tools/:id/survey">
              {(p) => (
                <Door key={p.id} toolId={p.id} at="Survey">
                  <SurveyPage toolId={p.id} />
                </Door>
              )}
            </Route>
            <Route path="/tools/:id/profile">
              {(p) => (
                <Door key={p.id} toolId={p.id} at="Survey">
                  <ProfilePage toolId={p.id} />
                </Door>
              )}
            </Route>
            <Route path="/tools/:id/repair">
              {(p) => (
                <Door key={p.id} toolId={p.id} at="Survey">
                  <RepairPage toolId={p.id} />
                </Door>
              )}
            </Route>
            <Route path="/tools/:id/angle">
              {(p) => (
                <Door key={p.id} toolId={p.id} at="Angle">
                  <AnglePage toolId={p.id} />
                </Door>
              )}
            </Route>
            <Route path="/tools/:id/plan">
              {(p) => (
                <Door key={p.id} toolId={p.id} at="Plan">
                  <PlanPage toolId={p.id} />
                </Door>
              )}
            </Route>
            <Route path="/tools/:id/schools">
              {(p) => (
                <Door key={p.id} toolId={p.id} at="Plan">
                  <SchoolsPage toolId={p.id} />
                </Door>
              )}
            </Route>
            <Route path="/tools/:id/bench">
              {(p) => (
                <Door key={p.id} toolId={p.id} at="Bench">
                  <ToolBench toolId={p.id} />
                </Door>
              )}
            </Route>
            <Route path="/tools/:id/machine">{(p) => <MachinePage key={p.id} toolId={p.id} />}</Route>
            <Route path="/tools/:id/inspect">{(p) => <InspectPage key={p.id} toolId={p.id} />}</Route>
            <Route path="/tools/:id/balance">
              {(p) => (
                <Door key={p.id} toolId={p.id} at="Balance">
                  <BalancePage toolId={p.id} />
                </Door>
              )}
            </Route>
            <Route path="/tools/:id/test">
              {(p) => (
                <Door key={p.id} toolId={p.id} at="Test">
                  <TestPage toolId={p.id} />
                </Door>
              )}
            </Route>
            <Route path="/tools/:id/finish">
              {(p) => (
                <Door key={p.id} toolId={p.id} at="Log">
                  <FinishPage toolId={p.id} />
                </Door>
              )}
            </Route>
            <Route path="/tools/:id/log">{(p) => <LogPage key={p.id} toolId={p.id} />}</Route>
            <Route>
              <h1 className="text-xl font-semibold mt-8">There is nothing at this address</h1>
              <p className="mt-2">Go back to the bench board and start from the tool.</p>
            </Route>
          </Switch>
        </Shell>
      </Route>
    </Switch>
  )
}
