const own = 'created_at as "createdAt", created_by as "createdBy"';
const basisColumns = 'catalogue_revision as "catalogueRevision", house_rule_version as "houseRuleVersion"';

/** Everything that names a revision or a version. */
const named = `select catalogue_revision, house_rule_version from basis_decision where project_id = ?
  union select catalogue_revision, house_rule_version from project where id = ?
  union select p.catalogue_revision, p.house_rule_version from proof p join tag t on t.id = p.tag_id where t.project_id = ?
  union select b.catalogue_revision, b.house_rule_version from drift_acknowledged a join basis b on b.id = a.basis_id
    join sheet s on s.id = a.sheet_id join tag t on t.id = s.tag_id where t.project_id = ?`;

/**
 * All records of a project, in an order in which each kind refers only to earlier kinds. `?` stands for the id of the
 * project. The columns have the names of the record in a project file.
 */
export const selects = {
  catalogue: `select revision, digest, content, reason, ${own} from catalogue_version
      where revision in (select catalogue_revision from (${named}) n) order by revision`,
  houseRules: `select version, content, reason, ${own} from house_rule_version
      where version in (select house_rule_version from (${named}) n) order by version`,
  decision: `select number, ${basisColumns}, reason, ${own} from basis_decision where project_id = ? order by number`,
  tag: `select id, number, number_key as "numberKey", service, unit, duty, remarks, duty_version as "dutyVersion", choice,
            version, ${own}, updated_at as "updatedAt", updated_by as "updatedBy"
       from tag where project_id = ? order by id`,
  duty: `select d.tag_id as tag, d.version, d.duty, d.created_at as "createdAt", d.created_by as "createdBy"
       from duty_version d join tag t on t.id = d.tag_id where t.project_id = ? order by d.tag_id, d.version`,
  proof: `select p.id, p.tag_id as tag, p.duty_version as "dutyVersion", p.${basisColumns.replace(", ", ", p.")},
            p.engine, p.digest, p.content, p.created_at as "createdAt", p.created_by as "createdBy"
       from proof p join tag t on t.id = p.tag_id where t.project_id = ? order by p.created_at, p.id`,
  sheet: `select s.id, s.tag_id as tag, s.proof_id as proof, s.revision, s.content, s.issued_at as "issuedAt",
            s.issued_by as "issuedBy"
       from sheet s join tag t on t.id = s.tag_id where t.project_id = ? order by s.issued_at, s.id`,
  acknowledged: `select a.sheet_id as sheet, b.${basisColumns.replace(", ", ", b.")}, b.engine, a.reason,
            a.created_at as "createdAt", a.created_by as "createdBy"
       from drift_acknowledged a join basis b on b.id = a.basis_id join sheet s on s.id = a.sheet_id
       join tag t on t.id = s.tag_id where t.project_id = ? order by a.created_at`,
  job: `select j.id, j.tag_id as tag, j.kind, j.valve, j.plan, j.started_at as "startedAt", j.started_by as "startedBy",
            j.handed_in_by as "handedInBy"
       from shop_job j join tag t on t.id = j.tag_id where t.project_id = ? order by j.started_at, j.id`,
  jobPicture: `select p.id, p.job_id as job, p.digest, replace(encode(p.jpeg, 'base64'), chr(10), '') as jpeg,
            p.received_at as "receivedAt", p.handed_in_by as "handedInBy"
       from shop_picture p join shop_job j on j.id = p.job_id join tag t on t.id = j.tag_id
      where t.project_id = ? order by p.received_at, p.id`,
  jobEvent: `select e.id, e.job_id as job, e.at, e.who, e.said, e.received_at as "receivedAt", e.handed_in_by as "handedInBy"
       from shop_event e join shop_job j on j.id = e.job_id join tag t on t.id = j.tag_id
      where t.project_id = ? order by e.seq`,
  draft: `select name, content, ${own} from list_draft where project_id = ? order by created_at, id`,
  memory: `select shape, content, updated_at as "updatedAt", updated_by as "updatedBy" from list_memory
      where project_id = ? order by shape`,
} as const;

export type RecordName = keyof typeof selects;
export const recordNames = Object.keys(selects) as RecordName[];
