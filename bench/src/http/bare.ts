/**
 * What the server is measured against: a bare Express and pg on the same database. It reads a tag, and saves one
 * without validation, version or history.
 */
import express from "express";
import pg from "pg";

const pool = new pg.Pool({ connectionString: process.env.DATABASE_URL, max: 10 });
const app = express();
app.use(express.json({ limit: "25mb" }));
app.get("/api/tags/:id", async (request, response) => {
  const { rows } = await pool.query("select * from tag where id = $1", [request.params.id]);
  response.json(rows[0]);
});
app.put("/api/tags/:id", async (request, response) => {
  const { number, service, unit, duty, choice } = request.body;
  const { rows } = await pool.query(
    `update tag set number = $2, service = $3, unit = $4, duty = $5, choice = $6, version = version + 1
     where id = $1 returning *`,
    [request.params.id, number, service, unit, duty, choice],
  );
  response.json(rows[0]);
});
app.get("/api/projects/:id/tags", async (request, response) => {
  const { rows } = await pool.query(
    "select id, number, service, unit, version, choice from tag where project_id = $1 order by number limit 1000",
    [request.params.id],
  );
  response.json(rows);
});
app.listen(Number(process.env.PORT), "127.0.0.1", () => process.send?.("ready"));
