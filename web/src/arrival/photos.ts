import { useQuery, useQueryClient } from "@tanstack/react-query";
import { answer, api, asProblem, Problem, requestKey, type Schemas } from "../app/api";

export type Photo = Schemas["PhotoView"];

export function addressOf(photo: Photo, small: boolean): string {
  return `/api/photos/${String(photo.picture)}${small ? "?small=true" : ""}`;
}

/** The photos of a job, and what is done with them. */
export function usePhotos(job: number) {
  const queries = useQueryClient();
  const queryKey = ["photos", job];
  const all = useQuery({
    queryKey,
    queryFn: () => answer(api.GET("/api/jobs/{id}/photos", { params: { path: { id: job } } })),
  });
  return {
    photos: all.data ?? [],
    /** Keeps a file; throws the problem in the server's words. */
    add: async (file: File, note: string, mark?: number) => {
      try {
        const kept = await answer(
          api.POST("/api/jobs/{id}/photos", {
            params: {
              path: { id: job },
              query: { key: requestKey(), note, ...(mark === undefined ? {} : { mark }) },
            },
            headers: { "Content-Type": file.type === "" ? "application/octet-stream" : file.type },
            body: "",
            bodySerializer: () => file,
          }),
        );
        queries.setQueryData(queryKey, kept);
      } catch (error) {
        const { status, message } = asProblem(error);
        throw new Problem(status, `${file.name}: ${message}`);
      }
    },
    remove: async (photo: number, removed: boolean) => {
      queries.setQueryData(
        queryKey,
        await answer(
          api.PUT("/api/jobs/{id}/photos/{photo}/removed", {
            params: { path: { id: job, photo } },
            body: { removed },
          }),
        ),
      );
    },
  };
}
