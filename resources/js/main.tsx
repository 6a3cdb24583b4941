import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { StrictMode, Suspense } from 'react';
import { createRoot } from 'react-dom/client';
import { BrowserRouter, Route, Routes } from 'react-router';
import '../css/app.css';
import { Refused } from './api/client';
import { LoadingPage } from './app/Loading';
import { page } from './app/whenOpened';
import { Home, SignedIn } from './app/SignedIn';
import { SignInPage } from './signin/SignInPage';
import { t } from './words/words';

const AccountPage = page(() => import('./account/AccountPage'), 'AccountPage');
const KeptPage = page(() => import('./account/KeptPage'), 'KeptPage');
const BayPage = page(() => import('./bay/BayPage'), 'BayPage');
const BenchPage = page(() => import('./bench/BenchPage'), 'BenchPage');
const AttemptsPage = page(() => import('./cases/AttemptsPage'), 'AttemptsPage');
const CasesPage = page(() => import('./cases/CasesPage'), 'CasesPage');
const LogPage = page(() => import('./house/LogPage'), 'LogPage');
const SignInsPage = page(() => import('./house/SignInsPage'), 'SignInsPage');
const HandbookPage = page(() => import('./handbook/HandbookPage'), 'HandbookPage');
const JobsPage = page(() => import('./jobs/JobsPage'), 'JobsPage');
const JoinPage = page(() => import('./join/JoinPage'), 'JoinPage');
const DriveReportPage = page(() => import('./road/DriveReportPage'), 'DriveReportPage');
const RoadLabPage = page(() => import('./road/RoadLabPage'), 'RoadLabPage');
const LabPage = page(() => import('./lab/LabPage'), 'LabPage');
const LessonPage = page(() => import('./lesson/LessonPage'), 'LessonPage');
const MarksPage = page(() => import('./marks/MarksPage'), 'MarksPage');
const CardsPage = page(() => import('./people/CardsPage'), 'CardsPage');
const PeoplePage = page(() => import('./people/PeoplePage'), 'PeoplePage');
const RosterPage = page(() => import('./people/RosterPage'), 'RosterPage');
const GroupProgressPage = page(() => import('./progress/GroupProgressPage'), 'GroupProgressPage');
const MyProgressPage = page(() => import('./progress/MyProgressPage'), 'MyProgressPage');
const ReportPage = page(() => import('./report/ReportPage'), 'ReportPage');
const VehiclesPage = page(() => import('./vehicles/VehiclesPage'), 'VehiclesPage');

const queries = new QueryClient({
    defaultOptions: {
        queries: {
            retry: (count, error) => !(error instanceof Refused) && count < 1, // then the page says so
            refetchOnWindowFocus: false,
        },
    },
});

createRoot(document.getElementById('root')!).render(
    <StrictMode>
        <QueryClientProvider client={queries}>
            <BrowserRouter>
                <Suspense fallback={<LoadingPage what={t('wait.page')} />}>
                    <Routes>
                        <Route path="/sign-in" element={<SignInPage />} />
                        <Route path="/join" element={<JoinPage />} />
                        <Route
                            path="/jobs"
                            element={<SignedIn roles={['apprentice']} children={<JobsPage />} />}
                        />
                        <Route
                            path="/bay/:attempt"
                            element={<SignedIn roles={['apprentice', 'instructor']} children={<BayPage />} />}
                        />
                        <Route
                            path="/cases"
                            element={<SignedIn roles={['instructor']} children={<CasesPage />} />}
                        />
                        <Route
                            path="/cases/new"
                            element={<SignedIn roles={['instructor']} children={<BenchPage />} />}
                        />
                        <Route
                            path="/cases/:id"
                            element={<SignedIn roles={['instructor']} children={<BenchPage />} />}
                        />
                        <Route
                            path="/cases/:id/attempts"
                            element={<SignedIn roles={['instructor']} children={<AttemptsPage />} />}
                        />
                        <Route
                            path="/lesson"
                            element={<SignedIn roles={['instructor']} children={<LessonPage />} />}
                        />
                        <Route
                            path="/report/:attempt/road/:step"
                            element={<SignedIn children={<DriveReportPage />} />}
                        />
                        <Route path="/report/:attempt" element={<SignedIn children={<ReportPage />} />} />
                        <Route
                            path="/log"
                            element={
                                <SignedIn roles={['instructor', 'administrator']} children={<LogPage />} />
                            }
                        />
                        <Route
                            path="/people"
                            element={
                                <SignedIn roles={['instructor', 'administrator']} children={<PeoplePage />} />
                            }
                        />
                        <Route
                            path="/people/roster"
                            element={
                                <SignedIn roles={['instructor', 'administrator']} children={<RosterPage />} />
                            }
                        />
                        <Route
                            path="/people/cards"
                            element={
                                <SignedIn roles={['instructor', 'administrator']} children={<CardsPage />} />
                            }
                        />
                        <Route
                            path="/marks"
                            element={
                                <SignedIn roles={['instructor', 'administrator']} children={<MarksPage />} />
                            }
                        />
                        <Route
                            path="/progress"
                            element={<SignedIn roles={['apprentice']} children={<MyProgressPage />} />}
                        />
                        <Route
                            path="/groups/:group/progress"
                            element={
                                <SignedIn
                                    roles={['instructor', 'administrator']}
                                    children={<GroupProgressPage />}
                                />
                            }
                        />
                        <Route
                            path="/vehicles"
                            element={<SignedIn roles={['instructor']} children={<VehiclesPage />} />}
                        />
                        <Route path="/kept" element={<KeptPage />} />
                        <Route path="/account" element={<SignedIn children={<AccountPage />} />} />
                        <Route path="/sign-ins" element={<SignedIn children={<SignInsPage />} />} />
                        <Route path="/lab/road" element={<SignedIn children={<RoadLabPage />} />} />
                        <Route path="/lab" element={<SignedIn children={<LabPage />} />} />
                        <Route path="/handbook" element={<SignedIn children={<HandbookPage />} />} />
                        <Route path="*" element={<SignedIn children={<Home />} />} />
                    </Routes>
                </Suspense>
            </BrowserRouter>
        </QueryClientProvider>
    </StrictMode>,
);
