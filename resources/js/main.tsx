import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { BrowserRouter, Route, Routes } from 'react-router';
import '../css/app.css';
import { AccountPage } from './account/AccountPage';
import { KeptPage } from './account/KeptPage';
import { Refused } from './api/client';
import { Home, SignedIn } from './app/SignedIn';
import { BayPage } from './bay/BayPage';
import { BenchPage } from './bench/BenchPage';
import { AttemptsPage } from './cases/AttemptsPage';
import { CasesPage } from './cases/CasesPage';
import { LogPage } from './house/LogPage';
import { SignInsPage } from './house/SignInsPage';
import { HandbookPage } from './handbook/HandbookPage';
import { JobsPage } from './jobs/JobsPage';
import { JoinPage } from './join/JoinPage';
import { LabPage } from './lab/LabPage';
import { LessonPage } from './lesson/LessonPage';
import { MarksPage } from './marks/MarksPage';
import { CardsPage } from './people/CardsPage';
import { PeoplePage } from './people/PeoplePage';
import { RosterPage } from './people/RosterPage';
import { GroupProgressPage } from './progress/GroupProgressPage';
import { MyProgressPage } from './progress/MyProgressPage';
import { ReportPage } from './report/ReportPage';
import { SignInPage } from './signin/SignInPage';
import { VehiclesPage } from './vehicles/VehiclesPage';
import './words/words';

const queries = new QueryClient({
    defaultOptions: {
        queries: {
            retry: (count, error) => !(error instanceof Refused) && count < 3,
            refetchOnWindowFocus: false,
        },
    },
});

createRoot(document.getElementById('root')!).render(
    <StrictMode>
        <QueryClientProvider client={queries}>
            <BrowserRouter>
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
                    <Route path="/report/:attempt" element={<SignedIn children={<ReportPage />} />} />
                    <Route
                        path="/log"
                        element={<SignedIn roles={['instructor', 'administrator']} children={<LogPage />} />}
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
                    <Route path="/lab" element={<SignedIn children={<LabPage />} />} />
                    <Route path="/handbook" element={<SignedIn children={<HandbookPage />} />} />
                    <Route path="*" element={<SignedIn children={<Home />} />} />
                </Routes>
            </BrowserRouter>
        </QueryClientProvider>
    </StrictMode>,
);
