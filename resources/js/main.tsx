import { QueryClientProvider } from '@tanstack/react-query';
import { lazy, StrictMode, Suspense } from 'react';
import { createRoot } from 'react-dom/client';
import { BrowserRouter, Route, Routes } from 'react-router';
import { queryClient } from './api/queries';
import { Announcer } from './parts/Announcer';
import { NothingHere } from './parts/NothingHere';
import { Waiting } from './parts/States';
import { Shell } from './parts/Shell';
import { show } from './parts/settings';
import { SignInAgain } from './parts/SignInAgain';

const Classes = lazy(() => import('./screens/classes/Classes'));
const NewClass = lazy(() => import('./screens/begin/NewClass'));
const FillClass = lazy(() => import('./screens/begin/FillClass'));
const Plan = lazy(() => import('./screens/plan/Plan'));
const People = lazy(() => import('./screens/people/People'));
const Places = lazy(() => import('./screens/places/Places'));
const PlacePage = lazy(() => import('./screens/places/PlacePage'));
const Readiness = lazy(() => import('./screens/people/Readiness'));
const WhoDoesWhat = lazy(() => import('./screens/who/WhoDoesWhat'));
const Movements = lazy(() => import('./screens/movements/Movements'));
const MovementPage = lazy(() => import('./screens/movements/MovementPage'));
const Compare = lazy(() => import('./screens/movements/Compare'));
const OwnEditor = lazy(() => import('./screens/movements/own/OwnEditor'));
const Lead = lazy(() => import('./screens/lead/Lead'));
const Help = lazy(() => import('./screens/help/Help'));
const Precautions = lazy(() => import('./screens/precautions/Precautions'));
const Log = lazy(() => import('./screens/log/Log'));
const Account = lazy(() => import('./screens/account/Account'));

const root = document.getElementById('app');
show();
if (root) {
    createRoot(root).render(
        <StrictMode>
            <QueryClientProvider client={queryClient}>
                <BrowserRouter>
                    <Suspense fallback={<Waiting what="this page" />}>
                        <Routes>
                            <Route element={<Shell />}>
                                <Route index element={<Classes />} />
                                <Route path="people" element={<People />} />
                                <Route path="people/:groupId" element={<People />} />
                                <Route path="places" element={<Places />} />
                                <Route path="places/:placeId" element={<PlacePage />} />
                                <Route path="classes/new" element={<NewClass />} />
                                <Route path="classes/:classId/fill" element={<FillClass />} />
                                <Route path="classes/:classId/readiness" element={<Readiness />} />
                                <Route path="classes/:classId/who" element={<WhoDoesWhat />} />
                                <Route path="movements" element={<Movements />} />
                                <Route path="movements/compare" element={<Compare />} />
                                <Route path="movements/own/:key" element={<OwnEditor />} />
                                <Route path="movements/:movementId" element={<MovementPage />} />
                                <Route path="account" element={<Account />} />
                                <Route path="help" element={<Help />} />
                                <Route path="precautions" element={<Precautions />} />
                                <Route path="log" element={<Log />} />
                                <Route path="log/:ledId" element={<Log />} />
                                <Route path="*" element={<NothingHere />} />
                            </Route>
                            <Route path="classes/:classId/plan" element={<Plan />} />
                            <Route path="led/:ledId" element={<Lead />} />
                        </Routes>
                    </Suspense>
                    <SignInAgain />
                    <Announcer />
                </BrowserRouter>
            </QueryClientProvider>
        </StrictMode>,
    );
}
